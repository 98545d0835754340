import {
  programSlotSchema,
  slotEntrySchema,
  slotNumber,
  type Person,
  type ProgramSlot,
  type SlotEntry,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { AnswersMany, Id, MachineId, PathPart, Sent } from '../http/schemaRoutes.js';
import { ProgramSlotsService } from './programSlots.service.js';

@ApiTags('program slots')
@Controller('machines/:id/slots')
export class ProgramSlotsController {
  constructor(private readonly slots: ProgramSlotsService) {}

  @Get()
  @ApiOperation({ summary: 'The slots of a machine that hold a program according to us' })
  @AnswersMany(programSlotSchema)
  list(@MachineId() machineId: string): Promise<ProgramSlot[]> {
    return this.slots.list(machineId);
  }

  @Put(':slot/entries/:entryId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Say that a card was stored in a slot, that it was emptied, or what it shows' })
  @AnswersMany(programSlotSchema)
  enter(
    @MachineId() machineId: string,
    @PathPart('slot', slotNumber) slot: number,
    @Id('entryId') entryId: string,
    @Sent(slotEntrySchema) entry: SlotEntry,
    @By() by: Person,
  ): Promise<ProgramSlot[]> {
    return this.slots.enter({ machineId, slot }, entryId, entry, by);
  }
}
