import {
  filedPhotoSchema,
  filedTestSchema,
  mostCouponsInFile,
  type FiledPhoto,
  type FiledTest,
  type FilePreview,
} from '@lone-heron/contract';
import { buffer } from 'node:stream/consumers';
import type { z } from 'zod';
import type { TellProgress } from '../fileWork/FileWork.js';
import { ProblemException } from '../http/problem.js';
import { eachZipEntry, openZip } from '../storage/zipEntries.js';
import { checkRecord, type CheckedRecord } from '../http/checkRecord.js';
import { readCouponFile, type ReadRow } from './readCouponFile.js';
import { refuseFile } from '../http/refuseFile.js';
import { parsedAsStored } from '../http/asStored.js';

/** A file of coupons as it was read, whatever its format. */
export interface Archive {
  readonly coupons: readonly ReadRow[];
  readonly photos: readonly CheckedRecord<FiledPhoto>[];
  readonly tests: readonly CheckedRecord<FiledTest>[];
  /** Pictures by the hash that they are named by. */
  readonly pictures: ReadonlyMap<string, Uint8Array>;
  readonly unknownColumns: FilePreview['unknownColumns'];
}

/** Files of a ZIP by their names. */
type Unpacked = ReadonlyMap<string, Buffer>;

/** Most that the files of a ZIP may come to once they are unpacked, bytes. */
const mostUnpacked = 400 * 1024 * 1024;

/** Reads a ZIP with coupons, and where they are there photos, their pictures and tests. */
export async function readArchive(bytes: Buffer, now: Date, tell: TellProgress): Promise<Archive> {
  const files = await unpack(bytes);
  const { rows, unknownColumns } = couponsOf(files, now, tell);
  return {
    coupons: rows,
    photos: recordsOf(files, 'photos.json', filedPhotoSchema),
    tests: recordsOf(files, 'tests.json', filedTestSchema),
    pictures: picturesOf(files),
    unknownColumns,
  };
}

async function unpack(bytes: Buffer): Promise<Unpacked> {
  const files = new Map<string, Buffer>();
  let unpacked = 0;
  try {
    await eachZipEntry(await openZip(bytes), async ({ fileName, uncompressedSize }, read) => {
      unpacked += uncompressedSize;
      if (unpacked > mostUnpacked)
        throw refuseFile('more', `up to ${mostUnpacked / 1024 / 1024} MB unpacked`);
      // Whoever says less than there is, is refused as soon as there is more.
      if (!fileName.endsWith('/')) files.set(fileName, await buffer(await read()));
    });
    return files;
  } catch (fault) {
    if (fault instanceof ProblemException) throw fault;
    throw refuseFile((fault as Error).message, 'a whole ZIP file');
  }
}

function couponsOf(files: Unpacked, now: Date, tell: TellProgress) {
  for (const format of ['json', 'csv'] as const) {
    const file = files.get(`coupons.${format}`);
    if (file !== undefined) return readCouponFile(format, file, now, tell);
  }
  throw refuseFile('a ZIP without coupons', 'one with coupons.json or coupons.csv');
}

function recordsOf<T>(files: Unpacked, name: string, schema: z.ZodType<T>): CheckedRecord<T>[] {
  const file = files.get(name);
  if (file === undefined) return [];
  let list: unknown;
  try {
    list = parsedAsStored(file.toString('utf8'));
  } catch (fault) {
    throw refuseFile(`${name} with ${fault instanceof Error ? fault.message : String(fault)}`, 'JSON');
  }
  if (!Array.isArray(list)) throw refuseFile(`${name} with other JSON`, 'a list');
  if (list.length > mostCouponsInFile)
    throw refuseFile(`${list.length} records in ${name}`, `up to ${mostCouponsInFile} at once`);
  return list.map((record: unknown) => checkRecord(schema, record));
}

const pictureName = /^photos\/([0-9a-f]{64})\.(?:jpeg|png|webp)$/;

function picturesOf(files: Unpacked): Map<string, Uint8Array> {
  const pictures = new Map<string, Uint8Array>();
  for (const [name, bytes] of files) {
    const hash = pictureName.exec(name)?.[1];
    if (hash !== undefined) pictures.set(hash, bytes);
  }
  return pictures;
}
