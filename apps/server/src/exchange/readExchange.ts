import {
  cardRowSchema,
  exchangedCardSchema,
  exchangedJobSchema,
  exchangedModeCardSchema,
  exchangedTrialSchema,
  exchangedMachineSchema,
  exchangeFormat,
  exchangeVersion,
  filedCouponSchema,
  withoutGaps,
  type CardRow,
  type ExchangedCard,
  jobFileFormat,
  jobFileVersion,
  type ExchangedJob,
  type ExchangedModeCard,
  type ExchangedTrial,
  type ExchangedMachine,
  type ExchangeFileFormat,
  type FiledCoupon,
  mostCouponsInFile,
} from '@lone-heron/contract';
import type { z } from 'zod';
import { columnsAsHeaded } from '../csv/columnUnits.js';
import { columnOf, put, recordOf } from '../csv/csvSheet.js';
import { readTable } from '../csv/readTable.js';
import { checkRecord } from '../http/checkRecord.js';
import { refuseFile } from '../http/refuseFile.js';
import { cardColumns } from './cardColumns.js';
import { parsedAsStored } from '../http/asStored.js';

/** One thing of a file as it was read: a record, or why it is none. */
export interface ReadPart<T> {
  readonly row: number;
  readonly record: T | null;
  readonly reasons: readonly string[];
}

/** A file part by part. Cards stand as a whole, or as their newest version alone where it is a CSV. */
export interface ReadExchange {
  readonly machines: readonly ReadPart<ExchangedMachine>[];
  readonly cards: readonly ReadPart<ExchangedCard>[];
  readonly cardRows: readonly ReadPart<CardRow>[];
  readonly coupons: readonly ReadPart<FiledCoupon>[];
  readonly jobs: readonly ReadPart<ExchangedJob>[];
  readonly modeCards: readonly ReadPart<ExchangedModeCard>[];
  readonly trials: readonly ReadPart<ExchangedTrial>[];
}

const nothing: ReadExchange = {
  ...{ machines: [], cards: [], cardRows: [], coupons: [], jobs: [] },
  ...{ modeCards: [], trials: [] },
};

/** Reads a file part by part; one that cannot be read as a whole, or is newer than what is read here, is refused. */
export function readExchange(format: ExchangeFileFormat, bytes: Buffer): ReadExchange {
  const text = bytes.toString('utf8').replace(/^\uFEFF/, '');
  return format === 'csv' ? readCards(text) : readWhole(text);
}

function readWhole(text: string): ReadExchange {
  const read = parsed(text);
  const { format, version, machines, cards, coupons, jobs = [], modeCards = [], trials = [] } = read;
  if (format === jobFileFormat) return readJobFile(read);
  if (format !== exchangeFormat) {
    throw refuseFile(
      `a file of the format ${said(format)}`,
      `${exchangeFormat}, an object with format, version, machines, cards, coupons and jobs, or a job as its papers save it`,
    );
  }
  requireVersion('an exchange', version, exchangeVersion);
  return {
    ...nothing,
    machines: listOf('machines', machines).map((each, i) =>
      partOf(exchangedMachineSchema, wholeMachine(each), i + 1),
    ),
    cards: listOf('cards', cards).map((each, i) => partOf(exchangedCardSchema, each, i + 1)),
    coupons: listOf('coupons', coupons).map((each, i) => couponPart(each, i + 1)),
    jobs: listOf('jobs', jobs).map((each, i) => partOf(exchangedJobSchema, each, i + 1)),
    modeCards: listOf('modeCards', modeCards).map((each, i) => partOf(exchangedModeCardSchema, each, i + 1)),
    trials: listOf('trials', trials).map((each, i) => partOf(exchangedTrialSchema, each, i + 1)),
  };
}

/** A job as its own papers save it: its plan is read, what was welded of it stays with the shop that welded it. */
function readJobFile({ version, job }: Record<string, unknown>): ReadExchange {
  requireVersion('a job', version, jobFileVersion);
  const { id, draft } = typeof job === 'object' && job !== null ? (job as Record<string, unknown>) : {};
  return { ...nothing, jobs: [partOf(exchangedJobSchema, { id, draft }, 1)] };
}

/** @throws a refusal for a version that is not read here */
function requireVersion(what: string, version: unknown, newest: number): void {
  if (typeof version === 'number' && version > newest) {
    throw refuseFile(
      `${what} of version ${version}`,
      `up to version ${newest}: it was written by a newer Lone Heron. Update this one, or have it written by an older one`,
    );
  }
  if (version !== newest) throw refuseFile(`version ${said(version)}`, String(newest));
}

function parsed(text: string): Record<string, unknown> {
  let content: unknown;
  try {
    content = parsedAsStored(text);
  } catch (fault) {
    throw refuseFile(fault instanceof Error ? fault.message : String(fault), 'JSON');
  }
  return typeof content === 'object' && content !== null ? (content as Record<string, unknown>) : {};
}

function said(value: unknown): string {
  return value === undefined ? 'nothing' : JSON.stringify(value).slice(0, 60);
}

function listOf(name: string, value: unknown): readonly unknown[] {
  if (Array.isArray(value)) {
    if (value.length <= mostCouponsInFile) return value;
    throw refuseFile(`${value.length} ${name}`, `up to ${mostCouponsInFile} at once`);
  }
  throw refuseFile(`${name} that are ${said(value)}`, `a list of ${name}, which may be empty`);
}

/** A machine from before a part was kept reads with that part as not known. */
function wholeMachine(machine: unknown): unknown {
  if (typeof machine !== 'object' || machine === null || !('profile' in machine)) return machine;
  return { ...machine, profile: withoutGaps(machine.profile) };
}

function partOf<T>(schema: z.ZodType<T>, read: unknown, row: number): ReadPart<T> {
  return { row, ...checkRecord(schema, read) };
}

function couponPart(read: unknown, row: number): ReadPart<FiledCoupon> {
  const { record, reasons } = checkRecord(filedCouponSchema, read);
  if (record === null) return { row, record, reasons };
  // One way of writing a moment, so that the same moment is found again.
  return { row, record: { ...record, weldedAt: new Date(record.weldedAt).toISOString() }, reasons };
}

function readCards(text: string): ReadExchange {
  const { names, rows } = readTable(text, 'nozzle', mostCouponsInFile);
  const columns = columnsAsHeaded(cardColumns, names);
  if (rows.length === 0) throw refuseFile('no card', 'a file with at least one');
  return {
    ...nothing,
    cardRows: rows.map((cells, i) => {
      const { record, faults } = recordOf(columns, cells);
      // Cells that may be empty: a card without a technique has an empty one.
      if ((cells['notes'] ?? '').trim() === '') put(record, ['content', 'notes'], '');
      if ((cells['tags'] ?? '').trim() === '') put(record, ['content', 'tags'], []);
      const checked = checkRecord(cardRowSchema, record, (field) => columnOf(columns, field));
      return faults.length > 0
        ? { row: i + 2, record: null, reasons: faults }
        : { row: i + 2, record: checked.record, reasons: checked.reasons };
    }),
  };
}
