import { parse } from 'csv-parse/browser/esm/sync';

/** Columns that a weld list may have, in the order a line says them. */
const columns = [
  'mark',
  'metal',
  'second_metal',
  'thickness',
  'second_thickness',
  'joint',
  'tube',
  'leg',
  'hole',
  'gap',
  'wire',
  'length',
  'count',
  'sides',
  'stitch',
  'pitch',
  'offset',
  'position',
  'after',
  'pose',
  'where',
] as const;
type Column = (typeof columns)[number];
const units = ['mm', 'cm', 'm', 'in', 'ft'] as const;

/** Lines of welds out of a CSV file, or what is wrong with the file. */
export type CsvLines = { readonly lines: string } | { readonly fault: string };

/**
 * Turns a weld list in CSV into lines as they are typed, so that they are looked at in the same way. The first row names the columns;
 * a length may have its unit in its column's name (length_mm, gap_in) or in its cell. Commas, semicolons and tabs part cells.
 */
export function linesOfCsv(text: string): CsvLines {
  const rows = rowsOf(text);
  if (typeof rows === 'string') return { fault: rows };
  const [head, ...body] = rows;
  if (head === undefined) return { fault: 'The file is empty: its first row names the columns.' };
  const read = head.map((name) => columnOf(name));
  const strange = head.filter((name, i) => read[i] === null && name.trim() !== '');
  if (strange.length > 0 || !read.some((each) => each?.column === 'length'))
    return {
      fault: `columns ${head.join(', ')}: allowed are ${columns.join(', ')}, lengths with their unit behind (length_mm)${
        strange.length > 0 ? `; not known: ${strange.join(', ')}` : '; length is missing'
      }.`,
    };
  const lines = body.map((row) =>
    lineOf(
      new Map(
        read.flatMap((each, i) => (each === null ? [] : [[each.column, withUnit(row[i] ?? '', each.unit)]])),
      ),
    ),
  );
  return { lines: lines.filter((line) => line !== '').join('\n') };
}

function rowsOf(text: string): readonly (readonly string[])[] | string {
  const [first = ''] = text.split(/\r?\n/, 1);
  const delimiter = [';', '\t', ','].find((each) => first.includes(each)) ?? ',';
  try {
    return parse(text, {
      delimiter,
      bom: true,
      relax_column_count: true,
      skip_empty_lines: true,
      trim: true,
    });
  } catch (fault) {
    return `This is no CSV: ${fault instanceof Error ? fault.message : String(fault)}`;
  }
}

/** "length_mm" is a length in mm. */
function columnOf(name: string): { readonly column: Column; readonly unit: string } | null {
  const plain = name
    .trim()
    .toLowerCase()
    .replaceAll(/[\s-]+/g, '_');
  const unit = units.find((each) => plain.endsWith(`_${each}`)) ?? '';
  const bare = unit === '' ? plain : plain.slice(0, -unit.length - 1);
  const column = columns.find((each) => each === bare);
  return column === undefined ? null : { column, unit };
}

function withUnit(cell: string, unit: string): string {
  return cell === '' || unit === '' || /[a-z"]/i.test(cell) ? cell : `${cell} ${unit}`;
}

function lineOf(cells: ReadonlyMap<Column, string>): string {
  const cell = (column: Column) => cells.get(column) ?? '';
  const said = (column: Column, words: (value: string) => string) =>
    cell(column) === '' ? '' : words(cell(column));
  const wire = cell('wire');
  return [
    ...[cell('mark'), cell('metal'), cell('second_metal'), cell('thickness')],
    said('second_thickness', (value) => `to ${value}`),
    cell('joint'),
    said('tube', (value) => `tube ${value}`),
    said('leg', (value) => `leg ${value}`),
    said('hole', (value) => `hole ${value}`),
    said('gap', (value) => `gap ${value}`),
    /^(none|no|0)?$/i.test(wire) ? (wire === '' ? '' : 'no wire') : `wire ${wire}`,
    said('length', (value) => `length ${value}`),
    said('count', (value) => `x${value}`),
    said('sides', (value) => (value === '2' ? 'both sides' : '')),
    said('stitch', (value) => `stitched ${value} every ${cell('pitch')}`),
    said('offset', (value) => `offset ${value}`),
    cell('position'),
    said('after', (value) => `after ${value}`),
    said('pose', (value) => `, pose ${value.replaceAll(/[,;]/g, ' ')},`),
    said('where', (value) => `“${value.replaceAll(/["“”]/g, '')}”`),
  ]
    .filter((part) => part !== '')
    .join(' ');
}
