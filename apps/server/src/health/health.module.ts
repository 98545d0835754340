import { Module } from '@nestjs/common';
import { BackupsModule } from '../backups/backups.module.js';
import { HealthController } from './health.controller.js';
import { KeepingService } from './keeping.service.js';

@Module({ imports: [BackupsModule], controllers: [HealthController], providers: [KeepingService] })
export class HealthModule {}
