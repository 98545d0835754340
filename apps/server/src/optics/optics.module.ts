import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { OpticsController } from './optics.controller.js';
import { OpticsService } from './optics.service.js';

@Module({
  imports: [MachinesModule],
  controllers: [OpticsController],
  providers: [OpticsService],
  exports: [OpticsService],
})
export class OpticsModule {}
