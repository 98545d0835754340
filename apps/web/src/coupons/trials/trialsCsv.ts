import type { Machine, Person, Trial } from '@lone-heron/contract';
import { stringify } from 'csv-stringify/browser/esm/sync';

/** Columns that every trial has; those of its work and setting follow, each under its own name with its unit. */
const common = ['number', 'madeAt', 'mode', 'machine', 'person', 'look', 'lightOnS', 'kerfMm', 'isTintLeft'];

/** Trials as a table: a line each, in the units of their own names; what a mode has not stays empty. */
export function trialsCsv(
  trials: readonly Trial[],
  machines: readonly Machine[],
  people: readonly Person[],
): string {
  const rows = trials.map(({ work, setting, machineId, personId, ...trial }) => ({
    ...prefixed('work', work),
    ...prefixed('set', setting),
    ...{ number: trial.number, madeAt: trial.madeAt, mode: work.mode, look: trial.look },
    machine: machines.find(({ id }) => id === machineId)?.name ?? machineId,
    person: people.find(({ id }) => id === personId)?.name ?? personId,
    ...{ lightOnS: trial.lightOnS, kerfMm: trial.kerfMm, isTintLeft: trial.isTintLeft },
    ...{ stated: trial.stated, remark: trial.remark, withdrawnAt: trial.withdrawnAt },
  }));
  const more = new Set(rows.flatMap((row) => Object.keys(row)).filter((name) => name.includes('.')));
  const columns = [...common, ...[...more].toSorted(), 'stated', 'remark', 'withdrawnAt'];
  return stringify(rows, { header: true, columns, escape_formulas: true, cast: { boolean: String } });
}

/** Fields of a part under "work.thicknessMm" and the like; the mode stands by itself. */
function prefixed(part: string, fields: object): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(fields)
      .filter(([name]) => name !== 'mode')
      .map(([name, value]) => [`${part}.${name}`, value as unknown]),
  );
}
