import { Module } from '@nestjs/common';
import { HouseModule } from '../house/house.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { OpticsController } from './optics.controller.js';
import { OpticsService } from './optics.service.js';
import { WindowLivesService } from './windowLives.service.js';

@Module({
  imports: [MachinesModule, HouseModule],
  controllers: [OpticsController],
  providers: [OpticsService, WindowLivesService],
  exports: [OpticsService],
})
export class OpticsModule {}
