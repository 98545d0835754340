import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { SupplyModule } from '../supply/supply.module.js';
import { DaysService } from './days.service.js';
import { ReadinessController } from './readiness.controller.js';
import { SequencesService } from './sequences.service.js';

@Module({
  imports: [MachinesModule, SupplyModule],
  controllers: [ReadinessController],
  providers: [DaysService, SequencesService],
})
export class ReadinessModule {}
