import type { FiledCoupon } from '@lone-heron/contract';

/** A column of the file: what it holds of a coupon, and how a cell of it is read back. */
export interface CsvColumn {
  readonly name: string;
  readonly kind: 'text' | 'number' | 'list' | 'json';
  /** Where the value lies in the coupon, step by step. */
  readonly path: readonly string[];
}

const column = (name: string, kind: CsvColumn['kind'], path: string): CsvColumn => ({
  name,
  kind,
  path: path.split('.'),
});

/** Parts of a joint that have columns of their own; the rest goes into `joint_more` as JSON. */
const jointColumns = ['kind', 'metal', 'firstThicknessMm', 'secondThicknessMm', 'gapMm'];

/** What a file of coupons has, in order. docs/file-formats.md tells the same. */
export const csvColumns: readonly CsvColumn[] = [
  column('id', 'text', 'id'),
  column('welded_at', 'text', 'weldedAt'),
  column('machine', 'text', 'machineId'),
  column('person', 'text', 'personId'),
  column('joint', 'text', 'joint.kind'),
  column('metal', 'text', 'joint.metal'),
  column('first_mm', 'number', 'joint.firstThicknessMm'),
  column('second_mm', 'number', 'joint.secondThicknessMm'),
  column('gap_mm', 'number', 'joint.gapMm'),
  column('power_w', 'number', 'setting.powerW'),
  column('duty_percent', 'number', 'setting.dutyPercent'),
  column('modulation_hz', 'number', 'setting.modulationHz'),
  column('wobble', 'text', 'setting.wobble.shape'),
  column('wobble_mm', 'number', 'setting.wobble.widthMm'),
  column('wobble_hz', 'number', 'setting.wobble.frequencyHz'),
  column('pace', 'text', 'setting.pace.by'),
  column('travel_mm_s', 'number', 'setting.pace.travelMmS'),
  column('wire_mm', 'number', 'setting.pace.wireDiameterMm'),
  column('wire_mm_s', 'number', 'setting.pace.wireSpeedMmS'),
  column('wire', 'text', 'setting.pace.filler'),
  column('gas', 'text', 'setting.gas'),
  column('gas_l_min', 'number', 'setting.gasFlowLMin'),
  column('back', 'text', 'back'),
  column('light_on_s', 'number', 'lightOnS'),
  column('run_mm', 'number', 'runLengthMm'),
  column('slip', 'text', 'slip'),
  column('gun_deg', 'number', 'gunAngleDeg'),
  column('face', 'list', 'face'),
  column('welding', 'list', 'welding'),
  column('colour_left', 'text', 'colour.left'),
  column('colour_right', 'text', 'colour.right'),
  column('along', 'json', 'along'),
  column('stated', 'json', 'stated'),
  column('remark', 'text', 'remark'),
  column('joint_more', 'json', 'joint.*'),
];

/** Cells that are empty where nothing was taken down, but must not be left out of the coupon. */
const emptyMeansNull = ['lightOnS', 'runLengthMm'];

type Tree = { [key: string]: unknown };

/** A coupon's cells, by column; what it has not is empty. */
export function cellsOf(coupon: FiledCoupon): Readonly<Record<string, string>> {
  return Object.fromEntries(csvColumns.map(({ name, kind, path }) => [name, cellOf(coupon, kind, path)]));
}

function cellOf(coupon: FiledCoupon, kind: CsvColumn['kind'], path: readonly string[]): string {
  const value = path[1] === '*' ? jointMore(coupon) : valueAt(coupon, path);
  if (value === undefined || value === null) return '';
  if (kind === 'json') return JSON.stringify(value);
  return kind === 'list' ? (value as string[]).join(' ') : `${value as string | number}`;
}

function valueAt(tree: Tree, [step = '', ...rest]: readonly string[]): unknown {
  const value = tree[step];
  return rest.length === 0 || value === undefined ? value : valueAt(value as Tree, rest);
}

function jointMore({ joint }: FiledCoupon): Tree | undefined {
  const more = Object.entries(joint).filter(([key]) => !jointColumns.includes(key));
  return more.length === 0 ? undefined : Object.fromEntries(more);
}

/**
 * A coupon out of cells, as far as they can be read; what is wrong in it is for the schema to say.
 *
 * @returns the coupon, not yet checked, and cells that could not be read at all
 */
export function couponOf(cells: Readonly<Record<string, string>>): { coupon: Tree; faults: string[] } {
  const coupon: Tree = {};
  const faults: string[] = [];
  for (const { name, kind, path } of csvColumns) {
    const text = (cells[name] ?? '').trim();
    if (text === '') {
      if (emptyMeansNull.includes(path.join('.'))) put(coupon, path, null);
      continue;
    }
    const read = readCell(kind, text);
    if (read === undefined) faults.push(`${name} is “${text}”; allowed is ${allowedWords[kind]}`);
    else if (path[1] === '*') coupon['joint'] = { ...(coupon['joint'] as Tree), ...(read as Tree) };
    else put(coupon, path, read);
  }
  if (coupon['remark'] === undefined) coupon['remark'] = '';
  return { coupon, faults };
}

const allowedWords: Readonly<Record<CsvColumn['kind'], string>> = {
  text: 'text',
  number: 'a number, with a point or a comma',
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
    case 'json':
      return readJson(text);
  }
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    // Told to whoever sent the file, by the cell.
    return undefined;
  }
}

function put(tree: Tree, [step = '', ...rest]: readonly string[], value: unknown): void {
  if (rest.length === 0) {
    tree[step] = value;
    return;
  }
  const branch = (tree[step] ?? {}) as Tree;
  tree[step] = branch;
  put(branch, rest, value);
}

/** What the file calls a field of a coupon; the field's own name where it has no column of its own. */
export function columnOf(field: string): string {
  return csvColumns.find(({ path }) => path.join('.') === field)?.name ?? field;
}

/** Columns of a file's head that nobody knows. */
export function unknownColumns(head: readonly string[]): string[] {
  return head.filter((name) => name !== '' && !csvColumns.some((each) => each.name === name));
}
