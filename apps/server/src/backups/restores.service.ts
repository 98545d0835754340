import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  largestBackup,
  type BackupContents,
  type BackupSent,
  type Person,
  type RestoreBegun,
} from '@lone-heron/contract';
import { Inject, Injectable, Logger } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { ChangesService } from '../changes/changes.service.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { StartFault } from '../start/StartFault.js';
import { scratchFolder } from '../storage/scratchFolder.js';
import { shopPlace, type ShopPlace } from '../storage/ShopPlace.js';
import { requireOwn } from '../kit/requireOwn.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { BackupsService, backupWork } from './backups.service.js';
import { isSealed } from './ageFile.js';
import type { BackupWork } from './backupWork.js';
import { BrokenBackup } from './BrokenBackup.js';
import { checkBackup } from './checkBackup.js';
import { contentsInWords } from './contentsInWords.js';
import { fileStamp } from '../time/fileStamp.js';
import { stageBackup } from './restoreBackup.js';
import { asideName, exchangeShops, finishRestore } from './restoreJournal.js';
import { atMost } from './atMost.js';

/** Closes the shop, lets something be done to its folder, and opens it again; the answer that is under way is given first. */
export type ReopenShop = (between: () => Promise<void>) => void;
export const reopensShop = Symbol('how the shop is opened anew');

/** A backup that was looked at and may be put in place. */
interface Looked {
  readonly file: string;
  readonly contents: BackupContents;
}

/** A file from elsewhere, in the scratch folder, that wants its passphrase. */
interface Sealed {
  readonly id: string;
  readonly file: string;
}

/** Restores at the page: a backup is looked at first, then put in the place of everything, which is set aside whole. */
@Injectable()
export class RestoresService {
  private readonly log = new Logger('Restore');
  private readonly looked = new Map<string, Looked>();
  private sealed: Sealed | null = null;
  /** Pressed twice, a file is opened once. */
  private readonly opening = new Mutex();
  private readonly folder: string;

  constructor(
    @Inject(shopPlace) private readonly place: ShopPlace,
    @Inject(reopensShop) private readonly reopen: ReopenShop,
    private readonly backups: BackupsService,
    private readonly changes: ChangesService,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
    @Inject(backupWork) private readonly work: BackupWork,
  ) {
    this.folder = place.folder;
  }

  /** Looks through a backup that is kept here. */
  async lookAtKept(id: string, backupId: string): Promise<BackupContents> {
    const { path } = await this.backups.pathOf(backupId);
    return this.look(id, path);
  }

  /** Takes a backup in from elsewhere, and looks through it. */
  async lookAtSent(id: string, sent: Readable): Promise<BackupSent> {
    await this.letSentGo();
    const file = join(await scratchFolder(this.folder), `restore-${id}.sent`);
    return orGone(file, async () => {
      await pipeline(sent, atMost(largestBackup, 'the backup'), createWriteStream(file));
      if (!(await isSealed(file))) return { is: 'open', contents: await this.look(id, file) };
      this.sealed = { id, file };
      return { is: 'sealed' };
    });
  }

  /** Opens a file that was taken in and is encrypted, and looks through it. It stays for another try where that fails. */
  openSent(id: string, passphrase: string): Promise<BackupContents> {
    return this.opening.runExclusive(() => this.openOnce(id, passphrase));
  }

  private async openOnce(id: string, passphrase: string): Promise<BackupContents> {
    const looked = this.looked.get(id);
    if (looked !== undefined) return looked.contents;
    const { sealed } = this;
    if (sealed?.id !== id) throw notFound('encrypted backup that was taken in', id);
    const file = join(dirname(sealed.file), `restore-${id}.opened`);
    return orGone(file, async () => {
      await this.unseal(sealed, file, passphrase);
      const contents = await this.look(id, file);
      this.sealed = null;
      await rm(sealed.file, { force: true });
      return contents;
    });
  }

  private async unseal({ file }: Sealed, target: string, passphrase: string): Promise<void> {
    try {
      await this.work.open(file, target, passphrase);
    } catch (fault) {
      if (!(fault instanceof BrokenBackup)) throw fault;
      throw refused([
        {
          field: 'passphrase',
          given: fault.message.replace(/\.$/, ''),
          allowed: 'the passphrase it was encrypted with, to the letter',
        },
      ]);
    }
  }

  /** A disk that takes nothing more leaves the shop as it is: what was not decided on is cleared away, what was is finished. */
  private async exchange(unpacked: string, stamp: string): Promise<void> {
    try {
      await exchangeShops(this.folder, unpacked, stamp);
    } catch (fault) {
      this.log.error(`The restore was cut short: ${(fault as Error).message}`);
      await finishRestore(this.folder);
    }
  }

  /** One at a time: a backup can be as large as the shop. */
  private async letSentGo(): Promise<void> {
    for (const [id, looked] of this.looked) {
      if (!isSent(looked)) continue;
      this.looked.delete(id);
      await rm(looked.file, { force: true });
    }
    const { sealed } = this;
    this.sealed = null;
    if (sealed !== null) await rm(sealed.file, { force: true });
  }

  private async look(id: string, file: string): Promise<BackupContents> {
    try {
      const contents = await checkBackup(file, await scratchFolder(this.folder));
      this.looked.set(id, { file, contents });
      return contents;
    } catch (fault) {
      throw fault instanceof BrokenBackup ? brokenBackup(fault) : fault;
    }
  }

  private async stage({ file }: Looked, now: Date): Promise<string> {
    try {
      return await stageBackup(file, this.folder, now);
    } catch (fault) {
      throw fault instanceof BrokenBackup || fault instanceof StartFault ? brokenBackup(fault) : fault;
    }
  }

  /** Puts a backup that was looked at in the place of everything. The shop closes for a moment and opens as it was then. */
  async begin(id: string, by: Person): Promise<RestoreBegun> {
    const looked = this.looked.get(id);
    if (looked === undefined) throw notFound('restore that was looked at', id);
    // It takes every workshop's day with it.
    await this.writes.run((manager) => requireOwn(manager, by, { workshopId: null }));
    if (this.place.url !== null) throw atTheMachineAlone();
    // Pressed twice it is begun once.
    this.looked.delete(id);
    const now = this.clock.now();
    const unpacked = await this.stage(looked, now).catch((fault: unknown) => {
      this.looked.set(id, looked);
      throw fault;
    });
    const { madeAt } = looked.contents;
    const what = `put the backup of ${madeAt} in the place of the shop (${contentsInWords(looked.contents)})`;
    // The last line of the history that is set aside.
    await this.writes.run((manager) =>
      this.changes.record(manager, { personId: by.id, noun: 'backup', subjectId: looked.contents.id, what }),
    );
    const stamp = fileStamp(now);
    if (isSent(looked)) await rm(looked.file);
    this.reopen(() => this.exchange(unpacked, stamp));
    return { aside: asideName(stamp) };
  }
}

/** Other servers may serve the same database, and none of them may while it is exchanged. */
const atTheMachineAlone = () =>
  conflict(
    'This shop’s rows are kept by a database server that others may serve too. Stop every server of it, then restore at the machine: ./heron restore FILE. Nothing was changed.',
  );

/** One that was taken in from elsewhere lies in the scratch folder and is let go of; one that is kept stays. */
const isSent = ({ file }: Looked): boolean => /^restore-/.test(basename(file));

/** Does something with a new file, which is gone again where that fails. */
async function orGone<Result>(file: string, use: () => Promise<Result>): Promise<Result> {
  try {
    return await use();
  } catch (fault) {
    await rm(file, { force: true });
    throw fault;
  }
}

function brokenBackup({ message }: Error) {
  return refused([
    {
      field: 'backup',
      given: message.replace(/\.$/, ''),
      allowed: 'a whole backup of this version or an older one',
    },
  ]);
}
