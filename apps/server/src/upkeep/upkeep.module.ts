import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { RecordsModule } from '../records/records.module.js';
import { UpkeepController } from './upkeep.controller.js';
import { UpkeepService } from './upkeep.service.js';

@Module({
  imports: [MachinesModule, RecordsModule],
  controllers: [UpkeepController],
  providers: [UpkeepService],
})
export class UpkeepModule {}
