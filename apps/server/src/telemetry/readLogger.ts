import type { LoggerQuery } from '@lone-heron/contract';
import { LightWatch, type LightSpell, type LinkValues } from '@lone-heron/core';
import { parse } from 'csv-parse';
import { setImmediate } from 'node:timers/promises';
import { delimiterOf } from '../csv/readTable.js';
import { refuseFile } from '../http/refuseFile.js';

/** A data logger’s file as it was read. */
export interface LoggerTable {
  readonly columns: readonly string[];
  readonly time: string;
  readonly light: string;
  readonly power: string | null;
  readonly rows: number;
  readonly unread: number;
  readonly firstUnread: string;
  readonly spells: readonly LightSpell[];
}

/** Rows that are read between two answers to somebody else. */
const atOnce = 2000;
/** Of the usual step of the rows: a longer gap with the light on is one that nobody knows of. */
const stepsOfSilence = 3;
/** ms. */
const leastSilence = 2000;
/** Steps that say which is the usual one. */
const firstSteps = 200;

/** What a column is called, where nobody says which: its name begins so. */
const known = {
  time: /^(time|date|at\b|timestamp)/i,
  light: /^(light|emission|laser|on\b|state)/i,
  power: /^(power|watt)/i,
} as const;

/**
 * Reads what a data logger wrote: when the light was on, and its power where that was logged.
 *
 * @throws ProblemException for a file without the columns, or none that is a table
 */
export async function readLogger(text: string, query: LoggerQuery, now: Date): Promise<LoggerTable> {
  const lines = linesOf(text);
  const columns = (await nextLine(lines)).map((name) => name.trim());
  const place = {
    time: placeOf(columns, query.time, 'time'),
    light: placeOf(columns, query.light, 'light'),
    power:
      query.power === undefined
        ? columns.findIndex((name) => known.power.test(name))
        : columns.indexOf(query.power),
  };
  const heard: { readonly at: number; readonly values: LinkValues }[] = [];
  let rows = 0;
  let unread = 0;
  let firstUnread = '';
  for await (const cells of lines) {
    rows += 1;
    if (rows % atOnce === 0) await setImmediate();
    const row = rowOf(cells, place, query, now);
    if (typeof row === 'string') {
      unread += 1;
      if (firstUnread === '') firstUnread = `row ${rows}: ${row}`;
    } else heard.push(row);
  }
  return {
    ...{ columns, rows, unread, firstUnread },
    time: columns[place.time] ?? '',
    light: columns[place.light] ?? '',
    power: columns[place.power] ?? null,
    spells: spellsOf(heard),
  };
}

function linesOf(text: string): AsyncIterator<string[]> & AsyncIterable<string[]> {
  const options = { delimiter: delimiterOf(text), relax_column_count: true, skip_empty_lines: true };
  return parse(text, options)[Symbol.asyncIterator]() as AsyncIterator<string[]> & AsyncIterable<string[]>;
}

async function nextLine(lines: AsyncIterator<string[]>): Promise<string[]> {
  try {
    const next = await lines.next();
    if (next.done !== true) return next.value;
  } catch (fault) {
    throw refuseFile(fault instanceof Error ? fault.message : String(fault), 'a CSV file');
  }
  throw refuseFile('an empty file', 'a CSV file with a head');
}

function placeOf(columns: readonly string[], asked: string | undefined, of: 'time' | 'light'): number {
  const place =
    asked === undefined ? columns.findIndex((name) => known[of].test(name)) : columns.indexOf(asked);
  if (place >= 0) return place;
  const has = columns.join(', ').slice(0, 300);
  throw refuseFile(
    `a file whose columns are ${has}`,
    asked === undefined
      ? `one of them for the ${of}: say which it is`
      : `one of them for the ${of}, not ${asked}`,
  );
}

type Row = { readonly at: number; readonly values: LinkValues };

/** A row, or why it cannot be read. */
function rowOf(
  cells: readonly string[],
  place: { readonly time: number; readonly light: number; readonly power: number },
  { from, aheadS }: LoggerQuery,
  now: Date,
): Row | string {
  const time = cells[place.time] ?? '';
  const at = momentOf(time);
  if (at === null) return `“${time}” is no time; allowed is 2026-11-24 09:30:00, or seconds since 1970`;
  if (at - 1000 * aheadS > now.getTime()) return `“${time}” lies ahead: say by how much its clock is ahead`;
  const light = numberOf(cells[place.light] ?? '');
  if (light === null) return `“${cells[place.light] ?? ''}” is no number for the light`;
  const power = place.power < 0 ? null : numberOf(cells[place.power] ?? '');
  return {
    at: at - 1000 * aheadS,
    values: { lightOn: light >= from ? 1 : 0, ...(power === null ? {} : { realPower: power }) },
  };
}

/** ms since 1970; without a zone it is the time of this computer’s clock on the wall. */
function momentOf(text: string): number | null {
  const trimmed = text.trim();
  const number = numberOf(trimmed);
  // Seconds until the year 5138, milliseconds beyond.
  if (number !== null) return number < 1e11 ? 1000 * number : number;
  const isDate = /^\d{4}-\d\d-\d\d[ T]\d\d:\d\d(:\d\d([.,]\d+)?)?(Z|[+-]\d\d:?\d\d)?$/.test(trimmed);
  const moment = isDate ? Date.parse(trimmed.replace(' ', 'T').replace(',', '.')) : Number.NaN;
  return Number.isNaN(moment) ? null : moment;
}

function numberOf(text: string): number | null {
  const trimmed = text.trim().replace(',', '.');
  if (/^(on|true|yes)$/i.test(trimmed)) return 1;
  if (/^(off|false|no)$/i.test(trimmed)) return 0;
  return trimmed !== '' && Number.isFinite(Number(trimmed)) ? Number(trimmed) : null;
}

/** Rows in the order of their time: a logger that was read out twice has some twice. */
function spellsOf(heard: readonly Row[]): readonly LightSpell[] {
  const inOrder = heard.toSorted((one, other) => one.at - other.at);
  const watch = new LightWatch(Math.max(leastSilence, stepsOfSilence * usualStep(inOrder)));
  const spells = inOrder.flatMap(({ at, values }) => watch.hear(at, values));
  return [...spells, ...watch.endSilent(Infinity)];
}

function usualStep(inOrder: readonly Row[]): number {
  const steps = inOrder
    .slice(1, firstSteps)
    .map(({ at }, i) => at - (inOrder[i]?.at ?? at))
    .toSorted((one, other) => one - other);
  return steps[Math.floor(steps.length / 2)] ?? 0;
}
