import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { WindowsModule } from '../windows/windows.module.js';
import { TrialsController } from './trials.controller.js';
import { TrialsService } from './trials.service.js';

@Module({
  imports: [MachinesModule, WindowsModule],
  controllers: [TrialsController],
  providers: [TrialsService],
  exports: [TrialsService],
})
export class TrialsModule {}
