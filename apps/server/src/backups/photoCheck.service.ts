import { dirname, join } from 'node:path';
import {
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { Interval } from '@nestjs/schedule';
import Database from 'better-sqlite3';
import { PhotoFiles } from '../photos/face/photoFiles.js';
import { Clock } from '../time/clock.js';
import { backedUpFile } from './backups.service.js';
import { lostPhotosOf } from './lostPhotos.js';
import { photosNamed } from './photosNamed.js';

const week = 7 * 24 * 3600 * 1000;

/** Looks at every photo of the shop, at each start and once a week: one that is gone may still be in an older backup. */
@Injectable()
export class PhotoCheckService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly log = new Logger('Photos');
  private readonly photos: PhotoFiles;
  private isClosing = false;
  private found: { readonly at: Date; readonly lost: ReadonlySet<string> } | null = null;

  constructor(
    @Inject(backedUpFile) private readonly databaseFile: string,
    private readonly clock: Clock,
  ) {
    this.photos = new PhotoFiles(join(dirname(databaseFile), 'photos'));
  }

  /** What was found the last time; null until then. */
  get last(): { readonly at: Date; readonly lost: ReadonlySet<string> } | null {
    return this.found;
  }

  private named(): readonly string[] {
    const database = new Database(this.databaseFile, { readonly: true });
    try {
      return photosNamed(database);
    } finally {
      database.close();
    }
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
      for (const hash of this.named()) {
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
