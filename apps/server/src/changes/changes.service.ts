import type { Change } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { Clock } from '../time/clock.js';
import { linkOf } from './face/historyChain.js';
import { ChangeEntity } from './change.entity.js';

/** Changes on one page of the history. */
const pageLength = 200;

@Injectable()
export class ChangesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly clock: Clock,
  ) {}

  /** Writes a change down in the transaction that makes it, so that neither stands without the other. */
  async record(manager: EntityManager, change: Omit<Change, 'id' | 'at'>): Promise<void> {
    const line = { ...change, at: this.clock.now().toISOString() };
    const [before] = await manager.find(ChangeEntity, {
      select: { id: true, hash: true },
      order: { id: 'DESC' },
      take: 1,
    });
    await manager.insert(ChangeEntity, { ...line, hash: linkOf(before?.hash ?? '', line) });
  }

  /** When the last entry was made, where by the clock that is still to come; null where it is not. */
  async entryAfter(now: Date): Promise<string | null> {
    const [last] = await this.dataSource.manager.find(ChangeEntity, { order: { id: 'DESC' }, take: 1 });
    return last !== undefined && last.at > now.toISOString() ? last.at : null;
  }

  /** The newest changes, newest first. */
  async list(): Promise<Change[]> {
    const rows = await this.dataSource.manager.find(ChangeEntity, {
      order: { id: 'DESC' },
      take: pageLength,
    });
    return rows.map(({ id, at, personId, noun, subjectId, what }) => ({
      id,
      at,
      personId,
      noun,
      subjectId,
      what,
    }));
  }
}
