import { Module } from '@nestjs/common';
import { HouseModule } from '../house/house.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { WindowsController } from './windows.controller.js';
import { WindowsService } from './windows.service.js';
import { WindowLivesService } from './windowLives.service.js';

@Module({
  imports: [MachinesModule, HouseModule],
  controllers: [WindowsController],
  providers: [WindowsService, WindowLivesService],
  exports: [WindowsService],
})
export class WindowsModule {}
