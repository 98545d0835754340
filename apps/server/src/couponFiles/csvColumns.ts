import { column, measure, put, recordOf, type CsvColumn, type Tree } from '../csv/csvSheet.js';
import { jointColumns, jointMoreColumn, settingColumns } from '../csv/weldColumns.js';

/** What a file of coupons has, in order. docs/file-formats.md tells the same. */
export const csvColumns: readonly CsvColumn[] = [
  column('number', 'number', 'number'),
  column('welded_at', 'text', 'weldedAt'),
  column('machine', 'text', 'machineName'),
  column('person', 'text', 'personName'),
  ...jointColumns(''),
  ...settingColumns(''),
  column('back', 'text', 'back'),
  column('light_on_s', 'number', 'lightOnS'),
  measure('run_mm', 'length', 'runLengthMm'),
  column('looked_at', 'text', 'lookedAt'),
  column('slip', 'text', 'slip'),
  column('gun_deg', 'number', 'gunAngleDeg'),
  column('face', 'list', 'face'),
  column('welding', 'list', 'welding'),
  column('colour_left', 'text', 'colour.left'),
  column('colour_right', 'text', 'colour.right'),
  column('along', 'json', 'along'),
  column('stated', 'json', 'stated'),
  column('heard', 'json', 'heard'),
  column('remark', 'text', 'remark'),
  column('dated_back', 'text', 'datedBack'),
  jointMoreColumn(''),
  column('id', 'text', 'id'),
  column('machine_id', 'text', 'machineId'),
  column('person_id', 'text', 'personId'),
];

/**
 * A coupon out of cells, not yet checked; what was not taken down is null, and no remark is an empty one. Machine and
 * person are their ids, or as the file calls them where it has none.
 *
 * @param columns as the head of the file has them
 */
export function couponOf(
  cells: Readonly<Record<string, string>>,
  columns: readonly CsvColumn[],
): { coupon: Tree; faults: string[] } {
  const { record: read, faults } = recordOf(columns, cells);
  const { machineName, personName, ...record } = read;
  if (record['machineId'] === undefined) put(record, ['machineId'], machineName);
  if (record['personId'] === undefined) put(record, ['personId'], personName);
  for (const field of ['lightOnS', 'runLengthMm'])
    if (record[field] === undefined) put(record, [field], null);
  if (record['remark'] === undefined) record['remark'] = '';
  return { coupon: record, faults };
}
