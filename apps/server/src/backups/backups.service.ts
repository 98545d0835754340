import { existsSync } from 'node:fs';
import { readdir, realpath, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Backup, BackupContents, Backups, Person } from '@lone-heron/contract';
import { Inject, Injectable, Logger } from '@nestjs/common';
import { Interval } from '@nestjs/schedule';
import { Mutex } from 'async-mutex';
import { v7 as uuid } from 'uuid';
import { ChangesService } from '../changes/changes.service.js';
import { notFound } from '../http/problem.js';
import { shopPlace, type ShopPlace } from '../storage/ShopPlace.js';
import { adviceFor, storageTrouble } from '../storage/storageFault.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { BrokenBackup } from './BrokenBackup.js';
import { expiredBackups, isBackupDue } from './expiredBackups.js';
import { fileStamp } from '../time/fileStamp.js';
import { contentsOf } from './unpackBackup.js';
import type { BackupWork } from './backupWork.js';
import { backupFileName, placeMissing, type SecondPlace } from './secondPlace.js';
import type { BackupOrder } from './writeBackup.js';

/** How backups are made. @see BackupWork */
export const backupWork = Symbol('what makes backups');
/** Where they are copied to as well. @see SecondPlace */
export const secondPlace = Symbol('where backups are copied to as well');
const quarterHour = 15 * 60 * 1000;

@Injectable()
export class BackupsService {
  private readonly log = new Logger('Backups');
  private readonly oneAtATime = new Mutex();
  private readonly folder: string;
  private failed: string | null = null;
  private secondFailed: string | null = null;

  constructor(
    @Inject(shopPlace) private readonly place: ShopPlace,
    @Inject(backupWork) private readonly work: BackupWork,
    @Inject(secondPlace) private readonly second: SecondPlace | null,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {
    this.folder = join(place.folder, 'backups');
  }

  /** Why the last backup was not made; null where it was. */
  get failure(): string | null {
    return this.failed;
  }

  /** Why the newest backup is not in the second place; null where it is, or there is none. */
  get secondFailure(): string | null {
    return this.second === null ? null : (this.secondFailed ?? placeMissing(this.second.folder));
  }

  /** The backups that are kept, newest first. A file that is none is left out. */
  async list(): Promise<Backups> {
    const { folder, second } = { folder: this.folder, second: this.secondNow() };
    if (!existsSync(folder)) return { folder, backups: [], second };
    const names = (await readdir(this.folder)).filter((name) => backupFileName.test(name));
    const read = await Promise.all(names.map((name) => this.read(name)));
    const backups = read.filter((backup) => backup !== null);
    return {
      // Of a shop that is only read they lie elsewhere than the copy of it.
      ...{ folder: await realpath(folder), second },
      backups: backups.toSorted((one, other) => Date.parse(other.madeAt) - Date.parse(one.madeAt)),
    };
  }

  private secondNow(): Backups['second'] {
    if (this.second === null) return null;
    const { folder, seal } = this.second;
    return { folder, isEncrypted: seal !== null, failure: this.secondFailure };
  }

  private async read(file: string): Promise<Backup | null> {
    try {
      const path = join(this.folder, file);
      return { ...(await contentsOf(path)), file, bytes: (await stat(path)).size };
    } catch (fault) {
      // One that was cleared away since the folder was read.
      if ((fault as NodeJS.ErrnoException).code === 'ENOENT') return null;
      if (!(fault instanceof BrokenBackup)) throw fault;
      this.log.warn(`${file} in the folder of the backups is none: ${fault.message}`);
      return null;
    }
  }

  /** Makes a backup now. Asking again under the same id gives the one that was made. */
  make(id: string, by: Person | null): Promise<Backup> {
    return this.oneAtATime.runExclusive(async () => {
      const before = await this.list();
      const same = before.backups.find((backup) => backup.id === id);
      if (same !== undefined) return same;
      const now = this.clock.now();
      const file = `heron-${fileStamp(now)}.zip`;
      const target = join(this.folder, file);
      const order = { id, place: this.place, target, now, photosLie: 'beside' } as const;
      const contents = await this.written(order);
      await this.clearOut(now);
      await this.follow();
      if (by !== null) {
        const change = {
          personId: by.id,
          noun: 'backup',
          subjectId: id,
          what: 'made a backup of the whole shop',
        };
        await this.writes.run((manager) => this.changes.record(manager, change));
      }
      return { ...contents, file, bytes: (await stat(target)).size };
    });
  }

  private async written(order: BackupOrder): Promise<BackupContents> {
    try {
      const contents = await this.work.write(order);
      this.failed = null;
      return contents;
    } catch (fault) {
      const trouble = storageTrouble(fault);
      this.failed = `${(fault as Error).message}${trouble === null ? '' : `. ${adviceFor(trouble)}`}`;
      throw fault;
    }
  }

  /** A second place that is not there keeps no backup from being made; it is told, and tried again. */
  private async follow(): Promise<void> {
    if (this.second === null || !existsSync(this.folder)) return;
    try {
      await this.work.follow(this.folder, this.second);
      this.secondFailed = null;
    } catch (fault) {
      this.secondFailed = (fault as Error).message;
      this.log.warn(`The newest backup is not in its second place: ${this.secondFailed}`);
    }
  }

  /** Path of a backup's file. */
  async pathOf(id: string): Promise<{ path: string; file: string }> {
    const { backups } = await this.list();
    const backup = backups.find((each) => each.id === id);
    if (backup === undefined) throw notFound('backup', id);
    return { path: join(this.folder, backup.file), file: backup.file };
  }

  private async clearOut(now: Date): Promise<void> {
    const { backups } = await this.list();
    for (const { file } of expiredBackups(backups, now.getTime())) await rm(join(this.folder, file));
  }

  /** Looked at four times an hour; a backup that fails is told and tried again the next time. */
  @Interval(quarterHour)
  async makeIfDue(): Promise<void> {
    try {
      const { backups } = await this.list();
      const madeAt = backups.map((backup) => backup.madeAt);
      if (isBackupDue(madeAt, this.clock.now())) await this.make(uuid(), null);
      else await this.oneAtATime.runExclusive(() => this.follow());
    } catch (fault) {
      this.log.error(`The nightly backup was not made: ${(fault as Error).message}`);
    }
  }
}
