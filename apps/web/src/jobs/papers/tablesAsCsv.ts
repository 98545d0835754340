import type { JobPaper } from '@lone-heron/contract';
import { stringify } from 'csv-stringify/browser/esm/sync';

/** Tables one under the other, each under its heading: RFC 4180, UTF-8 with its mark, so that a spreadsheet reads its letters. */
export function tablesAsCsv(tables: JobPaper['tables']): string {
  const rows = tables.flatMap(({ heading, columns, rows: body }, i) => [
    ...(i === 0 ? [] : [[]]),
    [heading],
    columns,
    ...body,
  ]);
  return `\uFEFF${stringify(rows, { record_delimiter: 'windows', escape_formulas: true })}`;
}
