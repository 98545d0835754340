import { Injectable } from '@nestjs/common';
import { DataSource, LessThan } from 'typeorm';
import { Clock } from '../time/clock.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { WrongPinEntity } from './wrongPin.entity.js';

/** Wrong tries in a row that only slow the answer; from the next one on the name is locked. */
export const freeTries = 5;
const firstLockMs = 60_000;
const longestLockMs = 60 * 60_000;
const slowestAnswerMs = 1600;
/** Tries older than this are forgotten. */
const forgottenAfterMs = 24 * 60 * 60_000;

/** How long a name is locked after so many wrong PINs in a row, ms: a minute after five, then twice as long each time. */
export function lockMs(count: number): number {
  return count < freeTries ? 0 : Math.min(firstLockMs * 2 ** (count - freeTries), longestLockMs);
}

/** How long a wrong PIN keeps its answer back, ms: twice as long each time. */
export function answerDelayMs(count: number): number {
  return Math.min(100 * 2 ** (count - 1), slowestAnswerMs);
}

/** Counts wrong PINs by name, and says until when a name is locked. Outlives a restart. */
@Injectable()
export class PinLock {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
  ) {}

  /** Whole seconds until a name may be tried again; 0 where it may be now. */
  async secondsLocked(personId: string): Promise<number> {
    const row = await this.dataSource.manager.findOneBy(WrongPinEntity, { personId });
    if (row === null) return 0;
    const until = Date.parse(row.lastAt) + lockMs(row.count);
    return Math.max(0, Math.ceil((until - this.clock.now().getTime()) / 1000));
  }

  /** Counts a wrong PIN. @returns how many in a row that makes */
  countWrong(personId: string): Promise<number> {
    return this.writes.run(async (manager) => {
      const now = this.clock.now();
      const forgotten = new Date(now.getTime() - forgottenAfterMs).toISOString();
      await manager.delete(WrongPinEntity, { lastAt: LessThan(forgotten) });
      const row = await manager.findOneBy(WrongPinEntity, { personId });
      const count = (row?.count ?? 0) + 1;
      await manager.save(WrongPinEntity, { personId, count, lastAt: now.toISOString() });
      return count;
    });
  }

  /** Forgets the wrong PINs of a name: the right one was given, or a lead gave a new one. */
  forget(personId: string): Promise<void> {
    return this.writes.run(async (manager) => {
      await manager.delete(WrongPinEntity, { personId });
    });
  }
}
