import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { ProgramSlotsController } from './programSlots.controller.js';
import { ProgramSlotsService } from './programSlots.service.js';

@Module({
  imports: [MachinesModule],
  controllers: [ProgramSlotsController],
  providers: [ProgramSlotsService],
})
export class ProgramSlotsModule {}
