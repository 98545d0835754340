import { Injectable } from '@nestjs/common';
import { WriteQueue } from '../storage/writeQueue.js';
import { HeardLightEntity } from './heardLight.entity.js';

/** ms: what was lit is written down so often at most, so that tacks do not each cost a write. */
const atMostEvery = 60_000;

/** Light that waits to be written, of one machine in one hour. */
interface Waiting {
  readonly machineId: string;
  readonly hour: string;
  seconds: number;
}

/** Adds up the light that machines were heard to have had: windows and upkeep go by it. */
@Injectable()
export class HeardLightService {
  private waiting: Waiting[] = [];
  private triedAt = -Infinity;

  constructor(private readonly queue: WriteQueue) {}

  /**
   * Adds light; written now, or with the next.
   *
   * @param lit s
   * @param at when it ended
   * @param now by the shop's clock
   */
  async add(machineId: string, lit: number, at: Date, now: Date): Promise<void> {
    const hour = `${at.toISOString().slice(0, 13)}:00:00.000Z`;
    const same = this.waiting.find((each) => each.machineId === machineId && each.hour === hour);
    if (same === undefined) this.waiting.push({ machineId, hour, seconds: lit });
    else same.seconds += lit;
    await this.writeDue(now);
  }

  /** Writes what waits, if it is time: so that the last weld of a day does not wait for the first of the next. */
  async writeDue(now: Date): Promise<void> {
    if (Math.abs(now.getTime() - this.triedAt) >= atMostEvery) await this.write(now);
  }

  /** Writes what waits; it goes on waiting where it cannot be written. */
  async write(now: Date): Promise<void> {
    if (this.waiting.length === 0) return;
    const waiting = this.waiting;
    this.waiting = [];
    this.triedAt = now.getTime();
    try {
      await this.queue.run(async (manager) => {
        for (const { machineId, hour, seconds } of waiting) {
          const before = await manager.findOneBy(HeardLightEntity, { machineId, hour });
          await manager.save(HeardLightEntity, {
            machineId,
            hour,
            seconds: (before?.seconds ?? 0) + seconds,
          });
        }
      });
    } catch (fault) {
      this.waiting = [...waiting, ...this.waiting];
      throw fault;
    }
  }
}
