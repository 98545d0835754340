import type { ColumnUnits } from '@lone-heron/contract';
import type { CsvColumn } from './csvSheet.js';

/**
 * Units that a column may be written in, by what it measures: how many of the record's one is. The record has mm, mm/s and L/min.
 * Wire stays in the millimetres it is sold by, and what a panel shows in its maker's units.
 */
const measured = {
  length: { mm: 1, in: 25.4 },
  travel: { 'mm/s': 1, 'cm/min': 1 / 6, 'in/min': 25.4 / 60 },
  gasFlow: { 'L/min': 1, CFH: 28.316846592 / 60 },
} as const satisfies { [Name in keyof ColumnUnits]: Readonly<Record<ColumnUnits[Name], number>> };

export type Measure = keyof typeof measured;

/** The unit that the record has. */
export const ownUnit = (measure: Measure): string => Object.keys(measured[measure])[0] ?? '';

/** Units as the end of a column's name has them: "cm/min" is "_cm_min". */
const ending = (unit: string): string => `_${unit.toLowerCase().replace('/', '_')}`;

/** Columns under the names, and in the units, that somebody wants them. */
export function columnsIn(columns: readonly CsvColumn[], units: ColumnUnits): readonly CsvColumn[] {
  return columns.map((each) =>
    each.measure === undefined ? each : writtenIn(each, each.measure, units[each.measure]),
  );
}

/** Columns as a head has them: each measured one in the unit that its name ends in there. */
export function columnsAsHeaded(
  columns: readonly CsvColumn[],
  names: readonly string[],
): readonly CsvColumn[] {
  return columns.map((each) => {
    const { measure } = each;
    if (measure === undefined) return each;
    const written = Object.keys(measured[measure]).map((unit) => writtenIn(each, measure, unit));
    return written.find(({ name }) => names.includes(name)) ?? each;
  });
}

function writtenIn(column: CsvColumn, measure: Measure, unit: string): CsvColumn {
  const scales: Readonly<Record<string, number>> = measured[measure];
  const stem = column.name.slice(0, -ending(ownUnit(measure)).length);
  return { ...column, name: `${stem}${ending(unit)}`, per: scales[unit] ?? 1 };
}
