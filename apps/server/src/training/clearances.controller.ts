import {
  clearanceDraftSchema,
  clearanceSchema,
  type Clearance,
  type Person,
  type ClearanceDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { ClearancesService } from './clearances.service.js';

@ApiTags('training')
@Controller('clearances')
@Answers(clearanceSchema)
export class ClearancesController {
  constructor(private readonly clearances: ClearancesService) {}

  @Get()
  @ApiOperation({ summary: 'Who was cleared for which machine and mode, newest first' })
  @AnswersMany(clearanceSchema)
  list(): Promise<Clearance[]> {
    return this.clearances.list();
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Clear somebody for a machine and a mode' })
  clear(
    @Id() id: string,
    @Sent(clearanceDraftSchema) draft: ClearanceDraft,
    @By() by: Person,
  ): Promise<Clearance> {
    return this.clearances.clear(id, draft, by);
  }

  @Put(':id/withdrawal')
  @For('lead')
  @ApiOperation({ summary: 'Withdraw a clearance; its record is kept' })
  withdraw(@Id() id: string, @By() by: Person): Promise<Clearance> {
    return this.clearances.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('lead')
  @ApiOperation({ summary: 'Give a withdrawn clearance again' })
  restore(@Id() id: string, @By() by: Person): Promise<Clearance> {
    return this.clearances.setWithdrawn(id, false, by);
  }
}
