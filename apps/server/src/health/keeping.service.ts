import { readFileSync } from 'node:fs';
import type { Keeping } from '@lone-heron/contract';
import { Inject, Injectable } from '@nestjs/common';
import { BackupsService } from '../backups/backups.service.js';
import { PhotoCheckService } from '../backups/photoCheck.service.js';
import { ChangesService } from '../changes/changes.service.js';
import { freeBytesOn, leastFree } from '../storage/diskRoom.js';
import { readLostSaves } from '../storage/lostSaves.js';
import { isReadOnly } from '../storage/readOnlyMark.js';
import { shopPlace, type ShopPlace } from '../storage/ShopPlace.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';

const { version } = JSON.parse(readFileSync(new URL('../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};

/** How well the shop is kept. */
@Injectable()
export class KeepingService {
  constructor(
    @Inject(shopPlace) private readonly place: ShopPlace,
    private readonly backups: BackupsService,
    private readonly photos: PhotoCheckService,
    private readonly changes: ChangesService,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
  ) {}

  async look(): Promise<Keeping> {
    const { backups } = await this.backups.list();
    const { folder } = this.place;
    const freeBytes = await freeBytesOn(folder);
    const lost = readLostSaves(folder, this.clock.now());
    return {
      version,
      backup: {
        newestAt: backups[0]?.madeAt ?? null,
        failure: this.backups.failure,
        secondFailure: this.backups.secondFailure,
      },
      photos: {
        lookedAt: this.photos.last?.at.toISOString() ?? null,
        lost: this.photos.last?.lost.size ?? 0,
      },
      isReadOnly: isReadOnly(folder),
      disk: { freeBytes, isLow: freeBytes < Math.max(leastFree, 3 * (backups[0]?.bytes ?? 0)) },
      entryToCome: await this.changes.entryAfter(this.clock.now()),
      lostSaves: lost === null ? null : { missing: lost.missing, lastAt: lost.lastAt },
      waitingWrites: this.writes.waiting,
    };
  }
}
