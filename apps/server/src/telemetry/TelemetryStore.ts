import { thinnedCurve, type LightCurve } from '@lone-heron/core';
import { Logger } from '@nestjs/common';
import { setImmediate } from 'node:timers/promises';
import { Between, type DataSource, IsNull, LessThan, MoreThan, Not } from 'typeorm';
import { packCurve, unpackCurve } from './curveBytes.js';
import { HeardSpellEntity } from './heardSpell.entity.js';
import type { TelemetryRows } from './face/telemetryRows.js';

/** What waits to be written where the disk does not take it; beyond it the oldest are let go. */
const mostWaiting = 2000;
const day = 86_400_000;

/** How long curves are kept and how fine: as heard, then by the second, then no more than what they came to. */
const keeping = { asHeardMs: 14 * day, thinnedMs: 400 * day, thinS: 1 } as const;
/** Spells that are thinned between two answers to somebody else. */
const atOnce = 100;

/**
 * Spells of light, kept apart from the shop’s records. What goes wrong here stays here: a spell that cannot be written waits, a
 * file that cannot be read is set aside and another begun.
 */
export class TelemetryStore {
  private readonly log = new Logger('telemetry');
  private source: DataSource | null = null;
  private readonly waiting: HeardSpellEntity[] = [];
  private fault = '';
  private dropped = 0;

  constructor(private readonly rows: TelemetryRows) {}

  /** Why it does not take or give anything now; empty while it does. */
  get trouble(): string {
    if (this.fault === '') return '';
    const lost = this.dropped === 0 ? '' : `, ${this.dropped} were let go`;
    return `${this.fault} (${this.waiting.length} spells wait${lost})`;
  }

  async open(): Promise<void> {
    try {
      this.source = await this.rows.open();
    } catch (fault) {
      await this.beginAnew(fault);
    }
  }

  async close(): Promise<void> {
    await this.writeWaiting();
    await this.source?.destroy();
    this.source = null;
  }

  /**
   * Keeps a spell. It never throws: what cannot be written waits for the next.
   *
   * @returns it as it is kept; null where it is there already
   */
  async keep(row: HeardSpellEntity): Promise<HeardSpellEntity | null> {
    if (await this.has(row.id)) return null;
    this.waiting.push(row);
    if (this.waiting.length > mostWaiting) {
      this.waiting.shift();
      this.dropped += 1;
    }
    await this.writeWaiting();
    return row;
  }

  /** Writes what waits; again where it was in vain. */
  async writeWaiting(): Promise<void> {
    while (this.waiting.length > 0 && this.source !== null) {
      const [first] = this.waiting;
      if (first === undefined) return;
      try {
        await this.source
          .createQueryBuilder()
          .insert()
          .into(HeardSpellEntity)
          .values(first)
          .orIgnore()
          .execute();
        this.fault = '';
        const place = this.waiting.indexOf(first);
        if (place >= 0) this.waiting.splice(place, 1);
      } catch (fault) {
        this.fault = `What keeps what machines say takes nothing: ${(fault as Error).message}`;
        return;
      }
    }
  }

  /** A machine's spells that began between two moments, newest first; those that still wait among them. */
  async between(machineId: string, from: number, until: number, most: number): Promise<HeardSpellEntity[]> {
    const kept = await this.asked((source) =>
      source.manager.find(HeardSpellEntity, {
        where: { machineId, startedAt: Between(from, until) },
        order: { startedAt: 'DESC' },
        take: most,
      }),
    );
    const waiting = this.waiting.filter(
      (row) => row.machineId === machineId && row.startedAt >= from && row.startedAt <= until,
    );
    const ids = new Set((kept ?? []).map(({ id }) => id));
    return [...waiting.filter(({ id }) => !ids.has(id)), ...(kept ?? [])]
      .toSorted((one, other) => other.startedAt - one.startedAt)
      .slice(0, most);
  }

  /** Whether a spell is there, or waits to be. */
  async has(id: string): Promise<boolean> {
    if (this.waiting.some((row) => row.id === id)) return true;
    return (await this.asked((source) => source.manager.existsBy(HeardSpellEntity, { id }))) === true;
  }

  /** Whether another spell of a machine has some of that time, ms: the same light must not count twice. */
  async hasSomeOf({ machineId, startedAt, endedAt }: HeardSpellEntity): Promise<boolean> {
    const overlaps = (row: HeardSpellEntity) =>
      row.machineId === machineId && row.startedAt < endedAt && row.endedAt > startedAt;
    if (this.waiting.some(overlaps)) return true;
    const where = { machineId, startedAt: LessThan(endedAt), endedAt: MoreThan(startedAt) };
    return (await this.asked((source) => source.manager.existsBy(HeardSpellEntity, where))) === true;
  }

  /** A spell with its curve; null where there is none of that id. */
  async withCurve(
    id: string,
  ): Promise<{ readonly spell: HeardSpellEntity; readonly curve: LightCurve | null } | null> {
    const waiting = this.waiting.find((row) => row.id === id);
    const spell =
      waiting ??
      (await this.asked((source) =>
        source.manager
          .createQueryBuilder(HeardSpellEntity, 'it')
          .addSelect('it.curve')
          .where('it.id = :id', { id })
          .getOne(),
      ));
    if (spell === null) return null;
    return { spell, curve: spell.curve === null ? null : unpackCurve(spell.curve) };
  }

  /** Thins curves that have grown old, and lets the oldest go; what they came to stays. */
  async prune(now: number): Promise<void> {
    const { source } = this;
    if (source === null) return;
    for (;;) {
      const old = await source.manager.find(HeardSpellEntity, {
        where: { startedAt: LessThan(now - keeping.asHeardMs), stepS: 0, curve: Not(IsNull()) },
        select: { id: true, curve: true, stepS: true },
        take: atOnce,
      });
      for (const { id, curve } of old) {
        const thin = curve === null ? null : packCurve(thinnedCurve(unpackCurve(curve), keeping.thinS));
        await source.manager.update(HeardSpellEntity, { id }, { curve: thin, stepS: keeping.thinS });
      }
      if (old.length < atOnce) break;
      await setImmediate();
    }
    await source.manager.update(
      HeardSpellEntity,
      { startedAt: LessThan(now - keeping.thinnedMs), curve: Not(IsNull()) },
      { curve: null },
    );
  }

  private async asked<Found>(ask: (source: DataSource) => Promise<Found>): Promise<Found | null> {
    if (this.source === null) return null;
    try {
      return await ask(this.source);
    } catch (fault) {
      this.fault = `What keeps what machines say cannot be read: ${(fault as Error).message}`;
      return null;
    }
  }

  private async beginAnew(fault: unknown): Promise<void> {
    this.log.warn(`what machines said cannot be read and is set aside: ${(fault as Error).message}`);
    try {
      this.source = await this.rows.beginAnew();
    } catch (again) {
      this.fault = `What keeps what machines say cannot be opened: ${(again as Error).message}`;
    }
  }
}
