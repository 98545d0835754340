import {
  clientId,
  lightDraftSchema,
  lightEntrySchema,
  machineId,
  type LightDraft,
  type LightEntry,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { LightLogService } from './lightLog.service.js';

class LightEntryDto extends createZodDto(lightEntrySchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('light log')
@Controller()
@ApiOkResponse({ type: LightEntryDto })
export class LightLogController {
  constructor(private readonly light: LightLogService) {}

  @Get('machines/:id/light')
  @ApiOperation({ summary: 'The newest entries of a machine’s light log, newest first' })
  @ApiOkResponse({ type: [LightEntryDto] })
  list(@Param('id', new SchemaPipe(machineId, 'id')) id: string): Promise<LightEntry[]> {
    return this.light.list(id);
  }

  @Put('light/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down how long the light was on besides coupons' })
  write(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(lightDraftSchema)) draft: LightDraft,
    @By() by: Person,
  ): Promise<LightEntry> {
    return this.light.write(id, draft, by);
  }

  @Put('light/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take an entry back; it is kept' })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<LightEntry> {
    return this.light.setWithdrawn(id, true, by);
  }

  @Delete('light/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a taken-back entry in again' })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<LightEntry> {
    return this.light.setWithdrawn(id, false, by);
  }
}
