import { Module, type DynamicModule } from '@nestjs/common';
import { ScheduleModule } from '@nestjs/schedule';
import { shopPlace, type ShopPlace } from '../storage/ShopPlace.js';
import { PeopleModule } from '../people/people.module.js';
import { BackupsService, backupWork, secondPlace } from './backups.service.js';
import { BackupsController } from './backups.controller.js';
import { PhotoCheckService } from './photoCheck.service.js';
import { RestoresController } from './restores.controller.js';
import { reopensShop, RestoresService, type ReopenShop } from './restores.service.js';
import { SavesNoteService } from './savesNote.service.js';
import type { BackupWork } from './backupWork.js';
import type { SecondPlace } from './secondPlace.js';

/** What the shop is copied from, by whom, and how it is opened anew. */
interface BackupsPlan {
  /** What is backed up, into a folder of its own. */
  readonly place: ShopPlace;
  readonly work: BackupWork;
  /** Where backups are copied to as well; null where nowhere. */
  readonly second: SecondPlace | null;
  readonly reopen: ReopenShop;
}

@Module({})
export class BackupsModule {
  static of({ place, work, second, reopen }: BackupsPlan): DynamicModule {
    const placed = { provide: shopPlace, useValue: place };
    return {
      module: BackupsModule,
      global: true,
      imports: [ScheduleModule.forRoot(), PeopleModule],
      controllers: [BackupsController, RestoresController],
      providers: [
        ...[BackupsService, PhotoCheckService, RestoresService, SavesNoteService, placed],
        { provide: backupWork, useValue: work },
        { provide: secondPlace, useValue: second },
        { provide: reopensShop, useValue: reopen },
      ],
      exports: [BackupsService, PhotoCheckService, placed],
    };
  }
}
