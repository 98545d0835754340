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

/** Somebody at the door: the name that is tried, and the address that it is tried from. */
export interface Knock {
  readonly personId: string;
  readonly address: string;
}

/** What a signature is counted under: who is signed in already, wherever they are. */
export const signedIn = 'signed in';

const thisMachine = /^(127\.|::1$|::ffff:127\.)/;

/**
 * Counts wrong PINs by name and address, and says until when a name is locked there: nobody locks somebody else out from
 * another device, and at the shop's own machine a lock is never longer than the first. Outlives a restart.
 */
@Injectable()
export class PinLock {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
  ) {}

  /** Whole seconds until a name may be tried again from an address; 0 where it may be now. */
  async secondsLocked(knock: Knock): Promise<number> {
    const row = await this.dataSource.manager.findOneBy(WrongPinEntity, { ...knock });
    if (row === null) return 0;
    const now = this.clock.now().getTime();
    const last = Date.parse(row.lastAt);
    // A clock that was set back would make a minute's lock one of days.
    if (last > now) return 0;
    const longest = thisMachine.test(knock.address) ? firstLockMs : longestLockMs;
    return Math.max(0, Math.ceil((last + Math.min(lockMs(row.count), longest) - now) / 1000));
  }

  /** Counts a wrong PIN. @returns how many in a row that makes */
  countWrong(knock: Knock): Promise<number> {
    return this.writes.run(async (manager) => {
      const now = this.clock.now();
      const forgotten = new Date(now.getTime() - forgottenAfterMs).toISOString();
      await manager.delete(WrongPinEntity, { lastAt: LessThan(forgotten) });
      const row = await manager.findOneBy(WrongPinEntity, { ...knock });
      const count = (row?.count ?? 0) + 1;
      await manager.save(WrongPinEntity, { ...knock, count, lastAt: now.toISOString() });
      return count;
    });
  }

  /** Forgets the wrong PINs of a name from an address: the right one was given. */
  async forget(knock: Knock): Promise<void> {
    // Mostly there is nothing, and then a full disk keeps nobody out.
    if (await this.dataSource.manager.existsBy(WrongPinEntity, { ...knock })) await this.drop({ ...knock });
  }

  /** Forgets them from everywhere: a lead gave a new PIN. */
  forgetEverywhere(personId: string): Promise<void> {
    return this.drop({ personId });
  }

  private drop(which: Partial<Knock>): Promise<void> {
    return this.writes.run(async (manager) => {
      await manager.delete(WrongPinEntity, which);
    });
  }
}
