import {
  largestCouponFile,
  type CouponFileFormat,
  type ColumnUnits,
  type CouponFilter,
  type FiledCoupon,
  type FiledTest,
  type FilePreview,
  type FileStored,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { existsSync } from 'node:fs';
import { Readable } from 'node:stream';
import { DataSource, type EntityManager } from 'typeorm';
import { ZipFile } from 'yazl';
import { couponsMatching, idsMatching, storedCouponIds } from '../coupons/face/readCoupons.js';
import { requireCoupon } from '../coupons/face/requireCoupon.js';
import { CouponsService } from '../coupons/coupons.service.js';
import { conflict } from '../http/problem.js';
import { standingTests } from '../inspection/face/readTests.js';
import { storeTests } from '../inspection/face/storeTests.js';
import type { Entry } from '../kit/Entry.js';
import type { TellProgress } from '../fileWork/FileWork.js';
import { tellTaken } from '../fileWork/tellTaken.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService } from '../machines/machines.service.js';
import { readPeople } from '../people/face/readPeople.js';
import { hashOf, PhotoFiles } from '../photos/face/photoFiles.js';
import { standingPhotos } from '../photos/face/readPhotos.js';
import { storePhotos, type NewPhoto } from '../photos/face/storePhotos.js';
import { Clock } from '../time/clock.js';
import { judgeCoupons } from './face/judgeCoupons.js';
import { newRecords, shownRows, type JudgedRow } from './face/JudgedRow.js';
import { judgePhotos, takingIn, type TakeIn } from './judgePhotos.js';
import { judgeTests } from './judgeTests.js';
import { readArchive, type Archive } from './readArchive.js';
import { readCouponFile } from './readCouponFile.js';
import { refuseFile } from '../http/refuseFile.js';
import { couponsAsCsv, couponsAsJson, filedTest, type Names } from './face/writeCouponFile.js';

/** Coupons that are taken out. */
export interface CouponsToWrite {
  readonly format: CouponFileFormat;
  readonly filter: CouponFilter;
  /** Of the columns of a CSV. */
  readonly units: ColumnUnits;
  /** Who takes them, for the history; null where nobody is signed in. */
  readonly by: Person | null;
}

/** A file that is read in. */
export interface SentCouponFile {
  readonly format: CouponFileFormat;
  readonly bytes: Buffer;
  readonly by: Person;
}

@Injectable()
export class CouponFilesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly coupons: CouponsService,
    private readonly machines: MachinesService,
    private readonly photoFiles: PhotoFiles,
    private readonly clock: Clock,
  ) {}

  /**
   * The coupons that match, oldest first, as a file that is written while it is sent; a ZIP has their photos and tests beside
   * them.
   */
  async write({ format, filter, units, by }: CouponsToWrite): Promise<Readable> {
    const { manager } = this.dataSource;
    const names = await this.names(manager);
    if (by !== null)
      await tellTaken(this.kit, by, {
        noun: 'coupon',
        subjectId: format,
        what: `took coupons out as ${format.toUpperCase()}`,
      });
    if (format === 'zip') return this.writeZip(manager, filter, names, units);
    const pages = couponsMatching(manager, filter);
    return Readable.from(format === 'csv' ? couponsAsCsv(pages, names, units) : couponsAsJson(pages, names));
  }

  private async names(manager: EntityManager): Promise<Names> {
    const machines = new Map((await this.machines.list(manager)).map(({ id, name }) => [id, name]));
    const people = new Map((await readPeople(manager)).map(({ id, name }) => [id, name]));
    return { machine: (id) => machines.get(id) ?? id, person: (id) => people.get(id) ?? id };
  }

  private async writeZip(
    manager: EntityManager,
    filter: CouponFilter,
    names: Names,
    units: ColumnUnits,
  ): Promise<Readable> {
    const ids = await idsMatching(manager, filter);
    const [photos, tests] = await Promise.all([standingPhotos(manager), standingTests(manager)]);
    const mine = photos.filter(({ couponId }) => ids.has(couponId));
    const theirs = tests.filter(({ couponId }) => ids.has(couponId)).map(filedTest);
    const zip = new ZipFile();
    // It tells what it cannot read here, not on what it writes.
    zip.on('error', (fault: Error) => (zip.outputStream as Readable).destroy(fault));
    const pages = () => couponsMatching(manager, filter);
    zip.addReadStream(Readable.from(couponsAsJson(pages(), names)), 'coupons.json');
    zip.addReadStream(Readable.from(couponsAsCsv(pages(), names, units)), 'coupons.csv');
    zip.addBuffer(Buffer.from(JSON.stringify(mine, null, 1)), 'photos.json');
    zip.addBuffer(Buffer.from(JSON.stringify(theirs, null, 1)), 'tests.json');
    for (const [hash, type] of new Map(mine.map((photo) => [photo.hash, photo.type]))) {
      const path = this.photoFiles.pathOf(hash);
      // Pictures are packed already; one that is lost keeps the rest from nobody, and its record says whose it was.
      if (existsSync(path))
        zip.addFile(path, `photos/${hash}.${type.replace('image/', '')}`, { compress: false });
    }
    zip.end();
    return zip.outputStream as Readable;
  }

  /** What would become of a file, row by row. Nothing is stored. */
  async preview(sent: SentCouponFile, tell: TellProgress): Promise<FilePreview> {
    const archive = await readAny(sent, this.clock.now(), tell);
    const { manager } = this.dataSource;
    const { coupons, photos, tests } = await this.judge(manager, archive, takingIn(archive), sent.by, tell);
    return {
      hash: hashOf(sent.bytes),
      rows: [...shownRows(coupons), ...shownRows(photos), ...shownRows(tests)],
      unknownColumns: archive.unknownColumns,
    };
  }

  /** Stores what is new, all of it or nothing. A file other than the one that was shown is refused. */
  async store(sent: SentCouponFile, hash: string, tell: TellProgress): Promise<FileStored> {
    const { bytes, by } = sent;
    if (hashOf(bytes) !== hash)
      throw conflict('This is not the file that was shown. Look at it again, then store it.');
    const archive = await readAny(sent, this.clock.now(), tell);
    const takeIn = takingIn(archive);
    const { count } = this.kit;
    const before = await this.judge(this.dataSource.manager, archive, takeIn, by, tell);
    // Pictures lie in the folder before a record names them; one that nothing names does no harm.
    for (const { picture } of newRecords(before.photos)) await this.photoFiles.keep(picture);
    return this.kit.enter(by, async (entry) => {
      // Others wait by now, so that what was found out before holds where nobody wrote meanwhile.
      const isAsBefore = this.kit.count === count + 1;
      const judged = isAsBefore ? before : await this.judge(entry.manager, archive, takeIn, by, tell);
      const stored = await this.insert(entry, judged, tell);
      const total = stored.coupons + stored.photos + stored.tests;
      if (total > 0) {
        const what = `read ${stored.coupons} coupons, ${stored.photos} photos and ${stored.tests} tests in from a file`;
        await entry.tell('coupon', hash.slice(0, 12), what);
      }
      return stored;
    });
  }

  private async insert(
    entry: Entry,
    { coupons, photos, tests }: JudgedFile,
    tell: TellProgress,
  ): Promise<FileStored> {
    const { manager, at } = entry;
    const newPhotos = newRecords(photos);
    const newTests = newRecords(tests);
    const stored = await this.coupons.insertAll(entry, newRecords(coupons), (done, of) =>
      tell({ phase: 'storing', done, of }),
    );
    await requireOwnCoupons(entry, [...newPhotos.map(({ photo }) => photo), ...newTests]);
    await storePhotos(manager, newPhotos);
    await storeTests(manager, newTests, at);
    return { coupons: stored, photos: newPhotos.length, tests: newTests.length };
  }

  private async judge(
    manager: EntityManager,
    archive: Archive,
    takeIn: TakeIn,
    by: Person,
    tell: TellProgress,
  ): Promise<JudgedFile> {
    const machineOf = (said: string) => this.machines.findCalled(said, manager);
    const coupons = await judgeCoupons(manager, archive.coupons, machineOf, by, tell);
    if (archive.photos.length + archive.tests.length === 0) return { coupons, photos: [], tests: [] };
    const known = await knownCoupons(manager, archive, coupons);
    const photos = await judgePhotos(manager, archive, takeIn, known, tell);
    const newPhotos = newRecords(photos).map(({ photo }) => photo);
    return { coupons, photos, tests: await judgeTests(manager, archive, known, newPhotos) };
  }
}

/** What is read in besides coupons belongs to some that are here already. */
async function requireOwnCoupons(
  entry: Entry,
  records: readonly { readonly couponId: string }[],
): Promise<void> {
  if (entry.workshopId === null) return;
  for (const couponId of new Set(records.map((each) => each.couponId)))
    await entry.requireOwn(await requireCoupon(entry.manager, couponId));
}

/** A file held against what is stored. */
interface JudgedFile {
  readonly coupons: readonly JudgedRow<FiledCoupon>[];
  readonly photos: readonly JudgedRow<NewPhoto>[];
  readonly tests: readonly JudgedRow<FiledTest>[];
}

/** Coupons that photos and tests may be of: those that are stored, and those that would be. */
async function knownCoupons(
  manager: EntityManager,
  { photos, tests }: Archive,
  coupons: readonly JudgedRow<FiledCoupon>[],
): Promise<ReadonlySet<string>> {
  const wanted = new Set(
    [...photos, ...tests].flatMap(({ record }) => (record === null ? [] : [record.couponId])),
  );
  const stored = await storedCouponIds(manager, [...wanted]);
  const fresh = newRecords(coupons).flatMap(({ id }) => (id === undefined ? [] : [id]));
  return new Set([...stored, ...fresh]);
}

async function readAny(sent: SentCouponFile, now: Date, tell: TellProgress): Promise<Archive> {
  const { format } = sent;
  const bytes = sized(format, sent.bytes);
  if (format === 'zip') return readArchive(bytes, now, tell);
  const { rows, unknownColumns } = readCouponFile(format, bytes, now, tell);
  return { coupons: rows, photos: [], tests: [], pictures: new Map(), unknownColumns };
}

function sized(format: CouponFileFormat, bytes: Buffer): Buffer {
  const largest = largestCouponFile[format];
  if (bytes.length <= largest) return bytes;
  throw refuseFile(`${Math.ceil(bytes.length / 1024 / 1024)} MB`, `up to ${largest / 1024 / 1024} MB`);
}
