import type { FiledNoun, FileRow } from '@lone-heron/contract';

/** A row that was held against what is stored; without a record where it is wrong. */
export interface JudgedRow<T> extends FileRow {
  readonly record: T | null;
}

/** The ways a row of a file can stand. */
export interface Standings<T> {
  readonly wrong: (...reasons: string[]) => JudgedRow<T>;
  readonly duplicate: (why: string) => JudgedRow<T>;
  readonly fresh: (record: T) => JudgedRow<T>;
}

/**
 * How a row can stand.
 *
 * @param words what it is, in a few; empty where it cannot be read
 */
export function standingsOf<T>(of: FiledNoun, row: number, words: string): Standings<T> {
  const common = { of, row, words };
  return {
    wrong: (...reasons) => ({ ...common, record: null, standing: 'wrong', reasons }),
    duplicate: (why) => ({ ...common, record: null, standing: 'duplicate', reasons: [why] }),
    fresh: (record) => ({ ...common, record, standing: 'new', reasons: [] }),
  };
}

/** The records that are new, in their order. */
export function newRecords<T>(rows: readonly JudgedRow<T>[]): T[] {
  return rows.flatMap(({ standing, record }) => (standing === 'new' && record !== null ? [record] : []));
}

/** Rows as they are shown. */
export function shownRows(rows: readonly JudgedRow<unknown>[]): FileRow[] {
  return rows.map(({ record: _record, ...row }) => row);
}
