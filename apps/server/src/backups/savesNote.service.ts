import { Inject, Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import type { Subscription } from 'rxjs';
import { writeSavesNote } from '../storage/savesNote.js';
import { shopPlace, type ShopPlace } from '../storage/ShopPlace.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';

/** So long after a save the note of it is written, ms: a disk that has one more file to write for each save is slow. */
const after = 1000;

/** Keeps a note of how many saves were acknowledged beside the database, which a database that lost some cannot match. */
@Injectable()
export class SavesNoteService implements OnModuleInit, OnModuleDestroy {
  private readonly log = new Logger('Saves');
  private readonly oneAtATime = new Mutex();
  private listening: Subscription | null = null;
  private timer: NodeJS.Timeout | null = null;
  private noted = 0;

  constructor(
    @Inject(shopPlace) private readonly place: ShopPlace,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
  ) {}

  onModuleInit(): void {
    this.listening = this.writes.finished.subscribe(() => {
      this.timer ??= setTimeout(() => void this.note(), after).unref();
    });
  }

  async onModuleDestroy(): Promise<void> {
    this.listening?.unsubscribe();
    await this.note();
  }

  private note(): Promise<void> {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
    return this.oneAtATime.runExclusive(async () => {
      const { saves } = this.writes;
      if (saves <= this.noted) return;
      try {
        await writeSavesNote(this.place.folder, { saves, at: this.clock.now().toISOString() });
        this.noted = saves;
      } catch (fault) {
        // An older note says less, and nothing false.
        this.log.warn(`The note of saves was not written: ${(fault as Error).message}`);
      }
    });
  }
}
