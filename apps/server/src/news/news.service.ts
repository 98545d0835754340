import { newsKinds, type News, type NewsKind } from '@lone-heron/contract';
import { Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { Subject, type Observable, type Subscription } from 'rxjs';
import type { Stored } from '../storage/stored.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { tableNews } from './tableNews.js';

/** Tells every page that listens what was stored, whoever stored it. */
@Injectable()
export class NewsService implements OnModuleInit, OnModuleDestroy {
  private readonly told = new Subject<News>();
  private readonly ending = new Subject<void>();
  private listening: Subscription | null = null;
  /** When something of a kind was stored last, ms by the machine's steady clock. */
  private readonly storedAt = new Map<NewsKind, number>();
  private readonly startedAt = performance.now();

  constructor(private readonly writes: WriteQueue) {}

  onModuleInit(): void {
    this.listening = this.writes.stored.subscribe((stored) => this.tell(stored));
  }

  onModuleDestroy(): void {
    this.close();
  }

  /** Ends it for everybody who listens: they ask again once there is a server again. */
  close(): void {
    this.listening?.unsubscribe();
    this.ending.next();
    this.told.complete();
  }

  /** Says when nothing more is told. */
  get over(): Observable<void> {
    return this.ending;
  }

  get all(): Observable<News> {
    return this.told;
  }

  /** What a page is told first: it knows from it whether it missed something. */
  now(): News {
    return { kinds: [], saves: this.writes.saves, page: '' };
  }

  /**
   * What was stored from a moment on: of a page that fetched it before it began to listen. Everything, where this server has not been
   * there for so long.
   *
   * @param from ms as performance.now() has it
   * @returns null for nothing
   */
  since(from: number): News | null {
    const kinds =
      from < this.startedAt ? [...newsKinds] : newsKinds.filter((kind) => this.wasStored(kind, from));
    return kinds.length === 0 ? null : { kinds, saves: this.writes.saves, page: '' };
  }

  private wasStored(kind: NewsKind, from: number): boolean {
    return (this.storedAt.get(kind) ?? -Infinity) >= from;
  }

  /** Says that what machines say changed, which is stored nowhere. */
  tellLive(): void {
    this.told.next({ kinds: ['live'], saves: this.writes.saves, page: '' });
  }

  private tell({ tables, page }: Stored): void {
    const kinds = tables === 'unknown' ? [...newsKinds] : kindsOf(tables);
    for (const kind of kinds) this.storedAt.set(kind, performance.now());
    this.told.next({ kinds, saves: this.writes.saves, page });
  }
}

/** Never none: that is what a page is told that may have missed something. */
function kindsOf(tables: readonly string[]): NewsKind[] {
  const kinds = new Set(tables.map((table) => tableNews[table] ?? 'unseen'));
  return kinds.size === 0 ? ['unseen'] : [...kinds];
}
