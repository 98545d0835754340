import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { BottlesController } from './bottles.controller.js';
import { BottlesService } from './bottles.service.js';

@Module({
  imports: [MachinesModule],
  controllers: [BottlesController],
  providers: [BottlesService],
  exports: [BottlesService],
})
export class SupplyModule {}
