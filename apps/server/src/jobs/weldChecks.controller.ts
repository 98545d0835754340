import {
  weldCheckDraftSchema,
  weldCheckSchema,
  type Person,
  type WeldCheck,
  type WeldCheckDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, Id, Sent } from '../http/schemaRoutes.js';
import { WeldChecksService } from './weldChecks.service.js';

@ApiTags('jobs')
@Controller('weld-checks')
@Answers(weldCheckSchema)
export class WeldChecksController {
  constructor(private readonly checks: WeldChecksService) {}

  @Put(':id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a look at a weld, or a test of it, down. Repeating it is the same save' })
  write(
    @Id() id: string,
    @Sent(weldCheckDraftSchema) draft: WeldCheckDraft,
    @By() by: Person,
  ): Promise<WeldCheck> {
    return this.checks.write(id, draft, by);
  }

  @Put(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a check back; it is kept' })
  withdraw(@Id() id: string, @By() by: Person): Promise<WeldCheck> {
    return this.checks.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back check in again' })
  restore(@Id() id: string, @By() by: Person): Promise<WeldCheck> {
    return this.checks.setWithdrawn(id, false, by);
  }
}
