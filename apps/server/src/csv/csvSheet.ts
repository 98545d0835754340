import { parsedAsStored } from '../http/asStored.js';
import { ownUnit, type Measure } from './columnUnits.js';

/** A column of a file: what it holds of a record, and how a cell of it is read back. */
export interface CsvColumn {
  readonly name: string;
  readonly kind: 'text' | 'number' | 'yesNo' | 'list' | 'json';
  /** Where the value lies in the record, step by step; a last `*` is whatever of that branch has no column of its own. */
  readonly path: readonly string[];
  /** What it measures, where it may be written in more than one unit. */
  readonly measure?: Measure;
  /** How many of the record's unit one of its own is; 1 where left out. */
  readonly per?: number;
}

export function column(name: string, kind: CsvColumn['kind'], path: string): CsvColumn {
  return { name, kind, path: path.split('.') };
}

/** A figure that is written in the unit of whoever reads it; its name ends in the record's. */
export function measure(name: string, measured: Measure, path: string): CsvColumn {
  return { ...column(name, 'number', path), measure: measured };
}

/** As many digits as nobody welds to: what was reckoned into another unit and back is the same in them. */
const digits = 12;
/** Written with more, so that the last of those is not lost on the way. */
const writtenDigits = 15;
export const sameInDigits = (figure: number): number => Number(figure.toPrecision(digits));

export type Tree = { [key: string]: unknown };

/** A record's cells, by column, figures as such; what it has not is empty. */
export function cellsOf(
  columns: readonly CsvColumn[],
  record: Tree,
): Readonly<Record<string, string | number>> {
  return Object.fromEntries(columns.map((each) => [each.name, cellOf(columns, record, each)]));
}

function cellOf(
  columns: readonly CsvColumn[],
  record: Tree,
  { kind, path, per = 1 }: CsvColumn,
): string | number {
  const value = path.at(-1) === '*' ? restOf(columns, record, path.slice(0, -1)) : valueAt(record, path);
  if (value === undefined || value === null) return '';
  if (kind === 'json') return JSON.stringify(value);
  if (kind === 'number')
    return per === 1 ? (value as number) : Number(((value as number) / per).toPrecision(writtenDigits));
  return kind === 'list' ? (value as string[]).join(' ') : `${value as string | boolean}`;
}

function valueAt(tree: Tree, [step = '', ...rest]: readonly string[]): unknown {
  const value = tree[step];
  return rest.length === 0 || value === undefined ? value : valueAt(value as Tree, rest);
}

/** What of a branch has no column of its own; undefined where everything has. */
function restOf(columns: readonly CsvColumn[], record: Tree, branch: readonly string[]): Tree | undefined {
  const told = columns
    .filter(({ path }) => path.slice(0, branch.length).join('.') === branch.join('.'))
    .map(({ path }) => path[branch.length]);
  const more = Object.entries(valueAt(record, branch) as Tree).filter(([key]) => !told.includes(key));
  return more.length === 0 ? undefined : Object.fromEntries(more);
}

/**
 * A record out of cells, as far as they can be read; what is wrong in it is for its schema to say.
 *
 * @returns the record, not yet checked, and cells that could not be read at all
 */
export function recordOf(
  columns: readonly CsvColumn[],
  cells: Readonly<Record<string, string>>,
): { record: Tree; faults: string[] } {
  const record: Tree = {};
  const faults: string[] = [];
  for (const { name, kind, path, per = 1 } of columns) {
    const text = (cells[name] ?? '').trim();
    if (text === '') continue;
    const read = readCell(kind, text);
    if (read === undefined) faults.push(`${name} is “${text}”; allowed is ${allowedWords[kind]}`);
    else if (path.at(-1) === '*') merge(record, path.slice(0, -1), read as Tree);
    else put(record, path, per === 1 ? read : sameInDigits((read as number) * per));
  }
  return { record, faults };
}

const allowedWords: Readonly<Record<CsvColumn['kind'], string>> = {
  text: 'text',
  number: 'a number, with a point or a comma',
  yesNo: 'true or false',
  list: 'words with spaces between',
  json: 'JSON',
};

function readCell(kind: CsvColumn['kind'], text: string): unknown {
  switch (kind) {
    case 'text':
      // A spreadsheet must not run a remark: what begins like a formula was written with a sign before it.
      return text.replace(/^'(?=[=+\-@])/, '');
    case 'list':
      return text.split(/\s+/);
    case 'number':
      return /^[+-]?\d+([.,]\d+)?(e[+-]?\d+)?$/i.test(text) ? Number(text.replace(',', '.')) : undefined;
    case 'yesNo':
      return { true: true, false: false }[text.toLowerCase()];
    case 'json':
      return readJson(text);
  }
}

function readJson(text: string): unknown {
  try {
    return parsedAsStored(text);
  } catch {
    // Told to whoever sent the file, by the cell.
    return undefined;
  }
}

/** Puts a value where it belongs, making the branches on the way. */
export function put(tree: Tree, [step = '', ...rest]: readonly string[], value: unknown): void {
  if (rest.length === 0) {
    tree[step] = value;
    return;
  }
  const branch = (tree[step] ?? {}) as Tree;
  tree[step] = branch;
  put(branch, rest, value);
}

function merge(tree: Tree, path: readonly string[], more: Tree): void {
  put(tree, path, { ...((valueAt(tree, path) ?? {}) as Tree), ...more });
}

/**
 * What the file calls a field of a record; the field's own name where it has no column of its own. What is wrong with a figure is
 * said in the record's unit, so that this is said too where the column has another.
 */
export function columnOf(columns: readonly CsvColumn[], field: string): string {
  const found = columns.find(({ path }) => path.join('.') === field);
  if (found?.measure === undefined || found.per === undefined || found.per === 1) return found?.name ?? field;
  return `${found.name}, in ${ownUnit(found.measure)},`;
}

/** Columns of a file's head that nobody knows. */
export function unknownColumns(columns: readonly CsvColumn[], head: readonly string[]): string[] {
  return head.filter((name) => name !== '' && !columns.some((each) => each.name === name));
}
