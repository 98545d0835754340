import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { OpticsModule } from '../optics/optics.module.js';
import { LightLogController } from './lightLog.controller.js';
import { LightLogService } from './lightLog.service.js';

@Module({
  imports: [MachinesModule, OpticsModule],
  controllers: [LightLogController],
  providers: [LightLogService],
})
export class LightLogModule {}
