import type { Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { createHash, randomBytes } from 'node:crypto';
import { DataSource, LessThan, type EntityManager } from 'typeorm';
import { storageTrouble } from '../storage/storageFault.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { PersonEntity } from './person.entity.js';
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

  /** Sessions that a full or locked disk did not take: people read on, and are asked again after a restart. */
  private readonly unwritten = new Map<string, SessionTimes & { readonly personId: string }>();

  /** Sessions that were ended and that such a disk would not let go of. */
  private readonly ended = new Set<string>();

  /** Begins a session. @returns the secret that the device keeps */
  async begin(personId: string): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const now = this.clock.now();
    const at = now.toISOString();
    const session = { personId, begunAt: at, seenAt: at };
    const isWritten = await this.unlessDiskRefuses(async (manager) => {
      await manager.delete(SessionEntity, { seenAt: LessThan(before(now, idleMs)) });
      await manager.insert(SessionEntity, { tokenHash: hashOf(token), ...session });
    });
    if (!isWritten) this.unwritten.set(hashOf(token), session);
    return token;
  }

  /** Who holds a secret; null where nobody does any more. */
  async personOf(token: string): Promise<Person | null> {
    const session = await this.find(hashOf(token));
    const now = this.clock.now();
    if (session === null || session.person.disabledAt !== null) return null;
    if (session.seenAt < before(now, idleMs) || session.begunAt < before(now, longestMs)) return null;
    if (session.seenAt < before(now, seenEveryMs)) await this.seen(hashOf(token), now);
    return personOf(session.person);
  }

  private async find(tokenHash: string): Promise<(SessionTimes & { readonly person: PersonEntity }) | null> {
    if (this.ended.has(tokenHash)) return null;
    const { manager } = this.dataSource;
    const unwritten = this.unwritten.get(tokenHash);
    if (unwritten === undefined) {
      // There is one at most, and every call asks: one query, where being asked for one makes it two.
      const [session] = await manager.find(SessionEntity, {
        where: { tokenHash },
        relations: { person: true },
      });
      return session ?? null;
    }
    const person = await manager.findOneBy(PersonEntity, { id: unwritten.personId });
    return person === null ? null : { ...unwritten, person };
  }

  async end(token: string): Promise<void> {
    const tokenHash = hashOf(token);
    this.unwritten.delete(tokenHash);
    const isWritten = await this.unlessDiskRefuses(async (manager) => {
      await manager.delete(SessionEntity, { tokenHash });
    });
    if (!isWritten) this.ended.add(tokenHash);
  }

  /** Ends every session of a person, as after a reset PIN. */
  async endAllOf(personId: string, manager: EntityManager): Promise<void> {
    for (const [tokenHash, session] of this.unwritten)
      if (session.personId === personId) this.unwritten.delete(tokenHash);
    await manager.delete(SessionEntity, { personId });
  }

  private async seen(tokenHash: string, now: Date): Promise<void> {
    const seenAt = now.toISOString();
    const unwritten = this.unwritten.get(tokenHash);
    if (unwritten !== undefined) this.unwritten.set(tokenHash, { ...unwritten, seenAt });
    else
      await this.unlessDiskRefuses(async (manager) => {
        await manager.update(SessionEntity, { tokenHash }, { seenAt });
      });
  }

  /** Whether the disk took it: a session is no reason to keep somebody from reading. */
  private async unlessDiskRefuses(write: (manager: EntityManager) => Promise<void>): Promise<boolean> {
    try {
      await this.writes.run(write);
      return true;
    } catch (error) {
      if (storageTrouble(error) === null) throw error;
      return false;
    }
  }
}

/** When a session began and was last seen. */
interface SessionTimes {
  readonly begunAt: string;
  readonly seenAt: string;
}

function before(now: Date, ms: number): string {
  return new Date(now.getTime() - ms).toISOString();
}

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('base64url');
}
