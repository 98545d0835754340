import {
  lightDraftSchema,
  lightEntrySchema,
  type LightDraft,
  type LightEntry,
  type Person,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Sent } from '../http/schemaRoutes.js';
import { LightService } from './light.service.js';

@ApiTags('light log')
@Controller()
@Answers(lightEntrySchema)
export class LightController {
  constructor(private readonly light: LightService) {}

  @Get('machines/:id/light')
  @ApiOperation({ summary: 'The newest entries of a machine’s light log, newest first' })
  @AnswersMany(lightEntrySchema)
  list(@MachineId() id: string): Promise<LightEntry[]> {
    return this.light.list(id);
  }

  @Put('light/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down how long the light was on besides coupons' })
  write(@Id() id: string, @Sent(lightDraftSchema) draft: LightDraft, @By() by: Person): Promise<LightEntry> {
    return this.light.write(id, draft, by);
  }

  @Put('light/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take an entry back; it is kept' })
  withdraw(@Id() id: string, @By() by: Person): Promise<LightEntry> {
    return this.light.setWithdrawn(id, true, by);
  }

  @Delete('light/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a taken-back entry in again' })
  restore(@Id() id: string, @By() by: Person): Promise<LightEntry> {
    return this.light.setWithdrawn(id, false, by);
  }
}
