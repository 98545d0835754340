import { Module, type DynamicModule } from '@nestjs/common';
import { ScheduleModule } from '@nestjs/schedule';
import { PeopleModule } from '../people/people.module.js';
import { backedUpFile, BackupsService, backupWriter } from './backups.service.js';
import { BackupsController } from './backups.controller.js';
import { PhotoCheckService } from './photoCheck.service.js';
import { RestoresController } from './restores.controller.js';
import { reopensShop, RestoresService, type ReopenShop } from './restores.service.js';
import type { WriteBackup } from './writeBackup.js';

/** What the shop is copied from, by whom, and how it is opened anew. */
interface BackupsPlan {
  /** Database that is backed up, into a folder beside it. */
  readonly databaseFile: string;
  readonly write: WriteBackup;
  readonly reopen: ReopenShop;
}

@Module({})
export class BackupsModule {
  static of({ databaseFile, write, reopen }: BackupsPlan): DynamicModule {
    const file = { provide: backedUpFile, useValue: databaseFile };
    return {
      module: BackupsModule,
      global: true,
      imports: [ScheduleModule.forRoot(), PeopleModule],
      controllers: [BackupsController, RestoresController],
      providers: [
        ...[BackupsService, PhotoCheckService, RestoresService, file],
        { provide: backupWriter, useValue: write },
        { provide: reopensShop, useValue: reopen },
      ],
      exports: [BackupsService, PhotoCheckService, file],
    };
  }
}
