import type { FileRow } from '@lone-heron/contract';

/** A row that was held against what is stored; without a record where it is wrong. */
export interface JudgedRow<T> extends FileRow {
  readonly record: T | null;
}

/** The records that are new, in their order. */
export function newRecords<T>(rows: readonly JudgedRow<T>[]): T[] {
  return rows.flatMap(({ standing, record }) => (standing === 'new' && record !== null ? [record] : []));
}

/** Rows as they are shown. */
export function shownRows(rows: readonly JudgedRow<unknown>[]): FileRow[] {
  return rows.map(({ record: _record, ...row }) => row);
}
