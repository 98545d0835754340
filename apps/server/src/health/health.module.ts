import { Module } from '@nestjs/common';
import { BackupsModule } from '../backups/backups.module.js';
import { HealthController } from './health.controller.js';
import { Measures } from './measures.js';
import { MeasuresController } from './measures.controller.js';
import { KeepingService } from './keeping.service.js';

@Module({
  imports: [BackupsModule],
  controllers: [HealthController, MeasuresController],
  providers: [KeepingService, Measures],
  exports: [Measures],
})
export class HealthModule {}
