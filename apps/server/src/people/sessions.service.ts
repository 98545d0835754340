import type { Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { createHash, randomBytes } from 'node:crypto';
import { DataSource, LessThan, type EntityManager } from 'typeorm';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { personOf } from './personOf.js';
import { SessionEntity } from './session.entity.js';

const minute = 60_000;
/** A session ends when the device was left alone so long; a shared tablet goes from hand to hand. */
export const idleMs = 2 * 60 * minute;
/** And after a long shift however busy it was. */
export const longestMs = 14 * 60 * minute;
/** The time a session was last seen is written down no more often than this. */
const seenEveryMs = minute;

/** Who is signed in where. */
@Injectable()
export class SessionsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly clock: Clock,
  ) {}

  /** Begins a session. @returns the secret that the device keeps */
  begin(personId: string): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    return this.writes.run(async (manager) => {
      const now = this.clock.now();
      await manager.delete(SessionEntity, { seenAt: LessThan(before(now, idleMs)) });
      const at = now.toISOString();
      await manager.insert(SessionEntity, { tokenHash: hashOf(token), personId, begunAt: at, seenAt: at });
      return token;
    });
  }

  /** Who holds a secret; null where nobody does any more. */
  async personOf(token: string): Promise<Person | null> {
    const session = await this.dataSource.manager.findOne(SessionEntity, {
      where: { tokenHash: hashOf(token) },
      relations: { person: true },
    });
    const now = this.clock.now();
    if (session === null || session.person.disabledAt !== null) return null;
    if (session.seenAt < before(now, idleMs) || session.begunAt < before(now, longestMs)) return null;
    if (session.seenAt < before(now, seenEveryMs)) await this.seen(session.tokenHash, now);
    return personOf(session.person);
  }

  end(token: string): Promise<void> {
    return this.writes.run(async (manager) => {
      await manager.delete(SessionEntity, { tokenHash: hashOf(token) });
    });
  }

  /** Ends every session of a person, as after a reset PIN. */
  async endAllOf(personId: string, manager: EntityManager): Promise<void> {
    await manager.delete(SessionEntity, { personId });
  }

  private seen(tokenHash: string, now: Date): Promise<void> {
    return this.writes.run(async (manager) => {
      await manager.update(SessionEntity, { tokenHash }, { seenAt: now.toISOString() });
    });
  }
}

function before(now: Date, ms: number): string {
  return new Date(now.getTime() - ms).toISOString();
}

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('base64url');
}
