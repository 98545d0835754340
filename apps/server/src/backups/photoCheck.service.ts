import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { Interval } from '@nestjs/schedule';
import { DataSource } from 'typeorm';
import { namedPhotos } from '../photos/face/namedPhotos.js';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { Clock } from '../time/clock.js';
import { lostPhotosOf } from './lostPhotos.js';

const week = 7 * 24 * 3600 * 1000;

/** Looks at every photo of the shop, at each start and once a week: one that is gone may still be in an older backup. */
@Injectable()
export class PhotoCheckService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Photos');
  private isClosing = false;
  private found: { readonly at: Date; readonly lost: ReadonlySet<string> } | null = null;

  constructor(
    private readonly dataSource: DataSource,
    private readonly photos: PhotoFiles,
    private readonly clock: Clock,
  ) {}

  /** What was found the last time; null until then. */
  get last(): { readonly at: Date; readonly lost: ReadonlySet<string> } | null {
    return this.found;
  }

  onApplicationBootstrap(): void {
    void this.look();
  }

  onApplicationShutdown(): void {
    this.isClosing = true;
  }

  @Interval(week)
  async look(): Promise<void> {
    try {
      const lost = new Set<string>();
      for (const hash of await namedPhotos(this.dataSource.manager)) {
        if (this.isClosing) return;
        for (const each of await lostPhotosOf(this.photos, [hash])) lost.add(each);
      }
      this.found = { at: this.clock.now(), lost };
      if (lost.size > 0) this.log.warn(`${lost.size} photos are gone or damaged: ${[...lost].join(', ')}`);
    } catch (fault) {
      // The shop may be closed meanwhile, and nothing hangs on it.
      if (!this.isClosing) this.log.error(`The photos were not looked at: ${(fault as Error).message}`);
    }
  }
}
