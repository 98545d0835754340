import type { LoggerQuery, LoggerRead, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { decodeText } from '../csv/decodeText.js';
import { notFound } from '../http/problem.js';
import { requireOwn } from '../kit/requireOwn.js';
import { MachinesService } from '../machines/machines.service.js';
import { Clock } from '../time/clock.js';
import { HeardLightService } from './heardLight.service.js';
import { readLogger } from './readLogger.js';
import { spellFromRow } from './spellFromRow.js';
import { spellRow } from './spellRow.js';
import { TelemetryStore } from './TelemetryStore.js';

/** Of a file, so many of the newest spells are shown. */
const mostShown = 20;

/** Light out of a data logger’s file, for machines and meters that nobody listens to. */
@Injectable()
export class LoggedLightService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly machines: MachinesService,
    private readonly store: TelemetryStore,
    private readonly hours: HeardLightService,
    private readonly clock: Clock,
  ) {}

  /** @param keptBy in whose name what the shop does not have yet is stored; null to look only */
  async read(
    machineId: string,
    bytes: Buffer,
    query: LoggerQuery,
    keptBy: Person | null,
  ): Promise<LoggerRead> {
    const isKept = keptBy !== null;
    if ((await this.machines.find(machineId)) === null) throw notFound('machine', machineId);
    if (keptBy !== null) await requireOwn(this.dataSource.manager, keptBy, { machineId });
    const { spells, ...table } = await readLogger(decodeText(bytes), query, this.clock.now());
    let isNew = 0;
    for (const spell of spells) {
      const row = spellRow(machineId, spell, 'csv');
      // Heard already, or out of this file read by another clock.
      if (await this.store.hasSomeOf(row)) continue;
      isNew += 1;
      if (!isKept) continue;
      await this.store.keep(row);
      await this.hours.add(machineId, spell.figures.lit, new Date(spell.endedAt), this.clock.now());
    }
    if (isKept) await this.hours.write(this.clock.now());
    return {
      ...{ ...table, columns: [...table.columns], isNew, spells: spells.length },
      newest: spells
        .slice(-mostShown)
        .toReversed()
        .map((spell) => spellFromRow(spellRow(machineId, spell, 'csv'), false)),
      litS: spells.reduce((sum, { figures }) => sum + figures.lit, 0),
    };
  }
}
