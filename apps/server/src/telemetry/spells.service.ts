import type { MachineSpell, SpellCurve } from '@lone-heron/contract';
import { curveKeys, stepFor, thinnedCurve, type CurveKey, type LightCurve } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import { stringify } from 'csv-stringify/sync';
import { DataSource, In, IsNull } from 'typeorm';
import { notFound } from '../http/problem.js';
import { MachinesService } from '../machines/machines.service.js';
import { Clock } from '../time/clock.js';
import { unpackCurve } from './curveBytes.js';
import { spellFromRow } from './spellFromRow.js';
import { TakenSpellEntity } from './takenSpell.entity.js';
import { TelemetryStore } from './TelemetryStore.js';

const day = 86_400_000;
const mostRecent = 50;
/** Points of a curve that is drawn. */
const mostPoints = 300;

/** A curve and s between its points, 0 as it was heard. */
interface FoundCurve {
  readonly stepS: number;
  readonly curve: LightCurve;
}

/** Spells of light for whoever looks: the machine's newest, those that records took, and their curves. */
@Injectable()
export class SpellsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly store: TelemetryStore,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  /** Of the last day, newest first. */
  async recent(machineId: string): Promise<MachineSpell[]> {
    if ((await this.machines.find(machineId)) === null) throw notFound('machine', machineId);
    const now = this.clock.now().getTime();
    const rows = await this.store.between(machineId, now - day, now, mostRecent);
    const taken = await this.dataSource.manager.find(TakenSpellEntity, {
      where: { spellId: In(rows.map(({ id }) => id)), letGoAt: IsNull() },
      select: { spellId: true, subjectId: true },
    });
    const ids = new Set(taken.map(({ spellId }) => spellId));
    return rows.map((row) => spellFromRow(row, ids.has(row.id)));
  }

  /** In the order of their time. */
  async takenBy(subjectId: string): Promise<MachineSpell[]> {
    const rows = await this.dataSource.manager.find(TakenSpellEntity, {
      where: { subjectId, letGoAt: IsNull() },
      order: { startedAt: 'ASC' },
    });
    return rows.map(({ spellId, machineId, startedAt, endedAt, source, figures }) => ({
      ...{ id: spellId, machineId, startedAt, endedAt, source, figures, isTaken: true },
    }));
  }

  /** A spell along its time, thin enough to be drawn; null where its curve is not kept any more. */
  async curve(id: string): Promise<SpellCurve | null> {
    const found = await this.findCurve(id);
    if (found === null) return null;
    const { curve, stepS } = found;
    const wanted = stepFor(curve.at(-1)?.at ?? 0, mostPoints);
    return curve.length <= mostPoints
      ? columnsOf(curve, stepS)
      : columnsOf(thinnedCurve(curve, Math.max(wanted, stepS)), Math.max(wanted, stepS));
  }

  /** Every point that is kept, units in the names of the columns. */
  async curveFile(id: string): Promise<string> {
    const found = await this.findCurve(id);
    if (found === null) throw notFound('curve of a spell', id);
    const rows = found.curve.map(({ at, count, means, powerLeast, powerMost }) => [
      ...[at, count, means.realPower, powerLeast, powerMost],
      ...[means.gasFlow, means.coolant, means.windowHolder],
    ]);
    return stringify([columnNames, ...rows]);
  }

  private async findCurve(id: string): Promise<FoundCurve | null> {
    const heard = await this.store.withCurve(id);
    if (heard?.curve) return { stepS: heard.spell.stepS, curve: heard.curve };
    const kept = await this.dataSource.manager
      .createQueryBuilder(TakenSpellEntity, 'it')
      .addSelect('it.curve')
      .where('it.spellId = :id AND it.curve IS NOT NULL', { id })
      .getOne();
    if (kept?.curve) return { stepS: kept.stepS, curve: unpackCurve(kept.curve) };
    return null;
  }
}

const columnNames = [
  ...['s', 'samples', 'power W', 'least power W', 'most power W'],
  ...['gas L/min', 'coolant °C', 'window holder °C'],
];

function columnsOf(curve: LightCurve, stepS: number): SpellCurve {
  const means = Object.fromEntries(
    curveKeys.map((key) => [key, curve.map((point) => point.means[key])]),
  ) as Record<CurveKey, (number | null)[]>;
  return {
    stepS,
    atS: curve.map(({ at }) => at),
    powerLeastW: curve.map(({ powerLeast }) => powerLeast),
    powerMostW: curve.map(({ powerMost }) => powerMost),
    means,
  };
}
