import {
  couponFileName,
  couponFileVersion,
  filedCouponSchema,
  mostCouponsInFile,
  type FiledCoupon,
} from '@lone-heron/contract';
import { decodeText } from '../csv/decodeText.js';
import { columnsAsHeaded } from '../csv/columnUnits.js';
import { columnOf, unknownColumns } from '../csv/csvSheet.js';
import { readTable } from '../csv/readTable.js';
import type { TellProgress } from '../fileWork/FileWork.js';
import { checkRecord } from '../http/checkRecord.js';
import { couponOf, csvColumns } from './csvColumns.js';
import { refuseFile as refuse } from '../http/refuseFile.js';
import { parsedAsStored } from '../http/asStored.js';

/** One row as it was read: a coupon, or why it is none. */
export interface ReadRow {
  readonly row: number;
  readonly coupon: FiledCoupon | null;
  readonly reasons: readonly string[];
}

export interface ReadFile {
  readonly rows: readonly ReadRow[];
  readonly unknownColumns: string[];
}

/**
 * Reads a file row by row; one that cannot be read as a whole is refused.
 *
 * @param now nothing was welded later
 */
export function readCouponFile(
  format: 'csv' | 'json',
  bytes: Buffer,
  now: Date,
  tell: TellProgress,
): ReadFile {
  const text = decodeText(bytes);
  const read = format === 'csv' ? readCsv(text, tell) : readJson(text, tell);
  if (read.rows.length === 0) throw refuse('no coupon', 'a file with at least one');
  const nameOf = format === 'csv' ? 'welded_at' : 'weldedAt';
  return { ...read, rows: read.rows.map((row) => notAhead(row, now, nameOf)) };
}

/** A clock may be ahead by this much, ms. */
const aheadMs = 24 * 3600 * 1000;

/** A coupon that was not welded yet is none: its year was mistyped. */
function notAhead(row: ReadRow, now: Date, name: string): ReadRow {
  const { coupon } = row;
  if (coupon === null || Date.parse(coupon.weldedAt) <= now.getTime() + aheadMs) return row;
  const allowed = `up to now, ${now.toISOString().slice(0, 10)}`;
  return { ...row, coupon: null, reasons: [`${name} is ${coupon.weldedAt}; allowed is ${allowed}`] };
}

function readCsv(text: string, tell: TellProgress): ReadFile {
  const { names, rows } = readTable(text, 'back', mostCouponsInFile);
  const columns = columnsAsHeaded(csvColumns, names);
  return {
    rows: rows.map((cells, i) => {
      tell({ phase: 'reading', done: i, of: rows.length });
      const { coupon, faults } = couponOf(cells, columns);
      const { coupon: checked, reasons } = check(coupon, (field) => columnOf(columns, field));
      return {
        row: i + 2,
        coupon: faults.length > 0 ? null : checked,
        reasons: faults.length > 0 ? faults : reasons,
      };
    }),
    unknownColumns: unknownColumns(columns, names),
  };
}

function readJson(text: string, tell: TellProgress): ReadFile {
  let content: unknown;
  try {
    content = parsedAsStored(text);
  } catch (fault) {
    throw refuse(fault instanceof Error ? fault.message : String(fault), 'JSON');
  }
  const { format, version, coupons } = (content ?? {}) as {
    format?: unknown;
    version?: unknown;
    coupons?: unknown;
  };
  if (format !== couponFileName || version !== couponFileVersion || !Array.isArray(coupons)) {
    throw refuse(
      'other JSON',
      `an object with format ${couponFileName}, version ${couponFileVersion} and a list of coupons`,
    );
  }
  if (coupons.length > mostCouponsInFile)
    throw refuse(`${coupons.length} coupons`, `up to ${mostCouponsInFile} at once`);
  const rows = coupons.map((coupon: unknown, i) => {
    tell({ phase: 'reading', done: i, of: coupons.length });
    return { row: i + 1, ...check(coupon, (field) => field) };
  });
  return { rows, unknownColumns: [] };
}

/** @param nameOf what the file calls a field of a coupon */
function check(
  coupon: unknown,
  nameOf: (field: string) => string,
): { coupon: FiledCoupon | null; reasons: string[] } {
  const { record, reasons } = checkRecord(filedCouponSchema, coupon, nameOf);
  if (record === null) return { coupon: null, reasons };
  // One way of writing a moment, so that the same moment is found again.
  return { coupon: { ...record, weldedAt: new Date(record.weldedAt).toISOString() }, reasons };
}
