import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { WindowsModule } from '../windows/windows.module.js';
import { JobsController } from './jobs.controller.js';
import { JobsService } from './jobs.service.js';
import { WeldChecksController } from './weldChecks.controller.js';
import { WeldChecksService } from './weldChecks.service.js';
import { WeldClaimsService } from './weldClaims.service.js';
import { WeldRunsController } from './weldRuns.controller.js';
import { WeldRunsService } from './weldRuns.service.js';

@Module({
  imports: [MachinesModule, WindowsModule],
  controllers: [JobsController, WeldRunsController, WeldChecksController],
  providers: [JobsService, WeldRunsService, WeldClaimsService, WeldChecksService],
  exports: [JobsService],
})
export class JobsModule {}
