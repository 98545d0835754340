import { stringify } from 'csv-stringify/sync';
import { cellsOf, type CsvColumn, type Tree } from './csvSheet.js';

/**
 * Records as CSV: UTF-8, comma, point, a head (left out for what follows in the same file). Text that a spreadsheet would run as a formula gets a sign before it;
 * figures do not, or a negative one would be no figure any more.
 */
export function writeTable(columns: readonly CsvColumn[], records: readonly Tree[], header = true): string {
  return stringify(
    records.map((record) => cellsOf(columns, record)),
    {
      header,
      columns: columns.map(({ name }) => name),
      escape_formulas: true,
      cast: { number: (figure) => ({ value: String(figure), escape_formulas: false }) },
    },
  );
}
