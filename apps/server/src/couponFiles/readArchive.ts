import {
  filedPhotoSchema,
  filedTestSchema,
  type FiledPhoto,
  type FiledTest,
  type FilePreview,
} from '@lone-heron/contract';
import { unzipSync, type Unzipped } from 'fflate';
import type { z } from 'zod';
import { checkRecord, type CheckedRecord } from '../http/checkRecord.js';
import { readCouponFile, type ReadRow } from './readCouponFile.js';
import { refuseFile } from '../http/refuseFile.js';

/** A file of coupons as it was read, whatever its format. */
export interface Archive {
  readonly coupons: readonly ReadRow[];
  readonly photos: readonly CheckedRecord<FiledPhoto>[];
  readonly tests: readonly CheckedRecord<FiledTest>[];
  /** Pictures by the hash that they are named by. */
  readonly pictures: ReadonlyMap<string, Uint8Array>;
  readonly unknownColumns: FilePreview['unknownColumns'];
}

/** Most that the files of a ZIP may come to once they are unpacked, bytes. */
const mostUnpacked = 400 * 1024 * 1024;

/** Reads a ZIP with coupons, and where they are there photos, their pictures and tests. */
export function readArchive(bytes: Buffer, now: Date): Archive {
  const files = unpack(bytes);
  const { rows, unknownColumns } = couponsOf(files, now);
  return {
    coupons: rows,
    photos: recordsOf(files, 'photos.json', filedPhotoSchema),
    tests: recordsOf(files, 'tests.json', filedTestSchema),
    pictures: picturesOf(files),
    unknownColumns,
  };
}

function unpack(bytes: Buffer): Unzipped {
  let unpacked = 0;
  const isWithin = ({ name, originalSize }: { name: string; originalSize: number }) => {
    unpacked += originalSize;
    if (unpacked > mostUnpacked) throw refuseFile('more', `up to ${mostUnpacked / 1024 / 1024} MB unpacked`);
    return !name.endsWith('/');
  };
  try {
    return unzipSync(bytes, { filter: isWithin });
  } catch (fault) {
    if (!(fault instanceof Error) || !('code' in fault)) throw fault;
    throw refuseFile(fault.message, 'a whole ZIP file');
  }
}

function couponsOf(files: Unzipped, now: Date) {
  for (const format of ['json', 'csv'] as const) {
    const file = files[`coupons.${format}`];
    if (file !== undefined) return readCouponFile(format, Buffer.from(file), now);
  }
  throw refuseFile('a ZIP without coupons', 'one with coupons.json or coupons.csv');
}

function recordsOf<T>(files: Unzipped, name: string, schema: z.ZodType<T>): CheckedRecord<T>[] {
  const file = files[name];
  if (file === undefined) return [];
  let list: unknown;
  try {
    list = JSON.parse(Buffer.from(file).toString('utf8'));
  } catch (fault) {
    throw refuseFile(`${name} with ${fault instanceof Error ? fault.message : String(fault)}`, 'JSON');
  }
  if (!Array.isArray(list)) throw refuseFile(`${name} with other JSON`, 'a list');
  return list.map((record: unknown) => checkRecord(schema, record));
}

const pictureName = /^photos\/([0-9a-f]{64})\.(?:jpeg|png|webp)$/;

function picturesOf(files: Unzipped): Map<string, Uint8Array> {
  const pictures = new Map<string, Uint8Array>();
  for (const [name, bytes] of Object.entries(files)) {
    const hash = pictureName.exec(name)?.[1];
    if (hash !== undefined) pictures.set(hash, bytes);
  }
  return pictures;
}
