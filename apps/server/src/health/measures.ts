import { Injectable } from '@nestjs/common';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { Clock } from '../time/clock.js';
import { KeepingService } from './keeping.service.js';

/** Bounds of the answer times that are counted, seconds. */
const answerBounds = [0.005, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 5, 20];

/** What the server counts of itself, for whoever watches over it; in the text form of Prometheus. */
@Injectable()
export class Measures {
  private readonly registry = new Registry();
  private readonly answers = new Histogram({
    name: 'heron_answer_seconds',
    help: 'How long requests took to be answered',
    labelNames: ['method', 'route', 'status'],
    buckets: answerBounds,
    registers: [this.registry],
  });
  private readonly backupAge = this.gauge(
    'heron_backup_age_seconds',
    'Age of the newest backup; absent where there is none',
  );
  private readonly backupFailed = this.gauge('heron_backup_failed', '1 where the last backup was not made');
  private readonly lostPhotos = this.gauge('heron_photos_lost', 'Photos that are gone or damaged');
  private readonly diskFree = this.gauge('heron_disk_free_bytes', 'Room on the disk of the data folder');
  private readonly waiting = this.gauge('heron_writes_waiting', 'Writes that wait for their turn');
  private readonly lostSaves = this.gauge('heron_saves_lost', 'Saves that were acknowledged and are missing');
  readonly reports = new Counter({
    name: 'heron_csp_reports_total',
    help: 'Reports of pages that tried what they may not',
    registers: [this.registry],
  });

  constructor(
    private readonly keeping: KeepingService,
    private readonly clock: Clock,
  ) {
    collectDefaultMetrics({ register: this.registry });
  }

  /** @param seconds until it was answered */
  answered(method: string, route: string, status: number, seconds: number): void {
    this.answers.observe({ method, route, status }, seconds);
  }

  /** Everything that is counted, as it stands now. */
  async written(): Promise<{ text: string; type: string }> {
    const { backup, photos, disk, waitingWrites, lostSaves } = await this.keeping.look();
    if (backup.newestAt === null) this.backupAge.remove();
    else this.backupAge.set((this.clock.now().getTime() - Date.parse(backup.newestAt)) / 1000);
    this.backupFailed.set(backup.failure === null ? 0 : 1);
    this.lostPhotos.set(photos.lost);
    this.diskFree.set(disk.freeBytes);
    this.waiting.set(waitingWrites);
    this.lostSaves.set(lostSaves?.missing ?? 0);
    return { text: await this.registry.metrics(), type: this.registry.contentType };
  }

  private gauge(name: string, help: string): Gauge {
    return new Gauge({ name, help, registers: [this.registry] });
  }
}
