import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { WindowsModule } from '../windows/windows.module.js';
import { LightController } from './light.controller.js';
import { LightService } from './light.service.js';

@Module({
  imports: [MachinesModule, WindowsModule],
  controllers: [LightController],
  providers: [LightService],
})
export class LightModule {}
