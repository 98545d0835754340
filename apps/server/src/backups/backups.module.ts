import { Module, type DynamicModule } from '@nestjs/common';
import { ScheduleModule } from '@nestjs/schedule';
import { backedUpFile, BackupsService } from './backups.service.js';
import { BackupsController } from './backups.controller.js';

@Module({})
export class BackupsModule {
  /** @param databaseFile that is backed up, into a folder beside it */
  static of(databaseFile: string): DynamicModule {
    return {
      module: BackupsModule,
      imports: [ScheduleModule.forRoot()],
      controllers: [BackupsController],
      providers: [BackupsService, { provide: backedUpFile, useValue: databaseFile }],
    };
  }
}
