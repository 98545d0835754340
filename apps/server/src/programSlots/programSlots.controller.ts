import {
  clientId,
  machineId as machineIdSchema,
  programSlotSchema,
  slotEntrySchema,
  slotNumber,
  type Person,
  type ProgramSlot,
  type SlotEntry,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { ProgramSlotsService } from './programSlots.service.js';

class ProgramSlotDto extends createZodDto(programSlotSchema) {}

const machinePipe = new SchemaPipe(machineIdSchema, 'id');

@ApiTags('program slots')
@Controller('machines/:id/slots')
export class ProgramSlotsController {
  constructor(private readonly slots: ProgramSlotsService) {}

  @Get()
  @ApiOperation({ summary: 'The slots of a machine that hold a program according to us' })
  @ApiOkResponse({ type: [ProgramSlotDto] })
  list(@Param('id', machinePipe) machineId: string): Promise<ProgramSlot[]> {
    return this.slots.list(machineId);
  }

  @Put(':slot/entries/:entryId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Say that a card was stored in a slot, that it was emptied, or what it shows' })
  @ApiOkResponse({ type: [ProgramSlotDto] })
  enter(
    @Param('id', machinePipe) machineId: string,
    @Param('slot', new SchemaPipe(slotNumber, 'slot')) slot: number,
    @Param('entryId', new SchemaPipe(clientId, 'entryId')) entryId: string,
    @Body(new SchemaPipe(slotEntrySchema)) entry: SlotEntry,
    @By() by: Person,
  ): Promise<ProgramSlot[]> {
    return this.slots.enter({ machineId, slot }, entryId, entry, by);
  }
}
