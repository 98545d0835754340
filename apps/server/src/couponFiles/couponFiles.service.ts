import {
  largestCouponFile,
  type Coupon,
  type CouponFileFormat,
  type CouponFilter,
  type FiledCoupon,
  type FiledTest,
  type FilePreview,
  type FileStored,
  type Person,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { zipSync, type Zippable } from 'fflate';
import { readFile as readBytes } from 'node:fs/promises';
import { DataSource, type EntityManager } from 'typeorm';
import { couponsMatching, storedCouponIds } from '../coupons/face/readCoupons.js';
import { CouponsService } from '../coupons/coupons.service.js';
import { conflict } from '../http/problem.js';
import { standingTests } from '../inspection/face/readTests.js';
import { storeTests } from '../inspection/face/storeTests.js';
import type { Entry } from '../kit/Entry.js';
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

  /** The coupons that match, oldest first, as a file; a ZIP has their photos and tests beside them. */
  async write(format: CouponFileFormat, filter: CouponFilter): Promise<Buffer> {
    const { manager } = this.dataSource;
    const coupons = await couponsMatching(manager, filter);
    const names = await this.names(manager);
    if (format === 'csv') return Buffer.from(couponsAsCsv(coupons, names));
    if (format === 'json') return Buffer.from(couponsAsJson(coupons, names));
    return this.writeZip(manager, coupons, names);
  }

  private async names(manager: EntityManager): Promise<Names> {
    const machines = new Map((await this.machines.list(manager)).map(({ id, name }) => [id, name]));
    const people = new Map((await readPeople(manager)).map(({ id, name }) => [id, name]));
    return { machine: (id) => machines.get(id) ?? id, person: (id) => people.get(id) ?? id };
  }

  private async writeZip(manager: EntityManager, coupons: readonly Coupon[], names: Names): Promise<Buffer> {
    const ids = new Set(coupons.map(({ id }) => id));
    const [photos, tests] = await Promise.all([standingPhotos(manager), standingTests(manager)]);
    const mine = photos.filter(({ couponId }) => ids.has(couponId));
    const files: Zippable = {
      'coupons.json': Buffer.from(couponsAsJson(coupons, names)),
      'coupons.csv': Buffer.from(couponsAsCsv(coupons, names)),
      'photos.json': Buffer.from(JSON.stringify(mine, null, 1)),
      'tests.json': Buffer.from(
        JSON.stringify(tests.filter(({ couponId }) => ids.has(couponId)).map(filedTest), null, 1),
      ),
    };
    for (const { hash, type } of mine) {
      // Pictures are packed already: packing them again costs time and saves nothing.
      files[`photos/${hash}.${type.replace('image/', '')}`] = [
        await readBytes(this.photoFiles.pathOf(hash)),
        { level: 0 },
      ];
    }
    return Buffer.from(zipSync(files));
  }

  /** What would become of a file, row by row. Nothing is stored. */
  async preview(format: CouponFileFormat, bytes: Buffer, by: Person): Promise<FilePreview> {
    const archive = readAny(format, sized(format, bytes), this.clock.now());
    const { coupons, photos, tests } = await this.judge(
      this.dataSource.manager,
      archive,
      takingIn(archive),
      by,
    );
    return {
      hash: hashOf(bytes),
      rows: [...shownRows(coupons), ...shownRows(photos), ...shownRows(tests)],
      unknownColumns: archive.unknownColumns,
    };
  }

  /** Stores what is new, all of it or nothing. A file other than the one that was shown is refused. */
  async store(format: CouponFileFormat, hash: string, bytes: Buffer, by: Person): Promise<FileStored> {
    if (hashOf(bytes) !== hash)
      throw conflict('This is not the file that was shown. Look at it again, then store it.');
    const archive = readAny(format, sized(format, bytes), this.clock.now());
    // Pictures lie in the folder before a record names them; one that nothing names does no harm.
    const takeIn = takingIn(archive);
    const before = await this.judge(this.dataSource.manager, archive, takeIn, by);
    for (const { picture } of newRecords(before.photos)) await this.photoFiles.keep(picture);
    return this.kit.enter(by, async (entry) => {
      const judged = await this.judge(entry.manager, archive, takeIn, by);
      const stored = await this.insert(entry, judged);
      const total = stored.coupons + stored.photos + stored.tests;
      if (total > 0) {
        const what = `read ${stored.coupons} coupons, ${stored.photos} photos and ${stored.tests} tests in from a file`;
        await entry.tell('coupon', hash.slice(0, 12), what);
      }
      return stored;
    });
  }

  private async insert(
    { manager, by, at }: Entry,
    { coupons, photos, tests }: JudgedFile,
  ): Promise<FileStored> {
    const newPhotos = newRecords(photos);
    const newTests = newRecords(tests);
    const stored = await this.coupons.insertAll(manager, newRecords(coupons), by);
    await storePhotos(manager, newPhotos);
    await storeTests(manager, newTests, at);
    return { coupons: stored, photos: newPhotos.length, tests: newTests.length };
  }

  private async judge(
    manager: EntityManager,
    archive: Archive,
    takeIn: TakeIn,
    by: Person,
  ): Promise<JudgedFile> {
    const machineOf = (said: string) => this.machines.findCalled(said, manager);
    const coupons = await judgeCoupons(manager, archive.coupons, machineOf, by);
    if (archive.photos.length + archive.tests.length === 0) return { coupons, photos: [], tests: [] };
    const known = await knownCoupons(manager, archive, coupons);
    const photos = await judgePhotos(manager, archive, takeIn, known);
    const newPhotos = newRecords(photos).map(({ photo }) => photo);
    return { coupons, photos, tests: await judgeTests(manager, archive, known, newPhotos) };
  }
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

function readAny(format: CouponFileFormat, bytes: Buffer, now: Date): Archive {
  if (format === 'zip') return readArchive(bytes, now);
  const { rows, unknownColumns } = readCouponFile(format, bytes, now);
  return { coupons: rows, photos: [], tests: [], pictures: new Map(), unknownColumns };
}

function sized(format: CouponFileFormat, bytes: Buffer): Buffer {
  const largest = largestCouponFile[format];
  if (bytes.length <= largest) return bytes;
  throw refuseFile(`${Math.ceil(bytes.length / 1024 / 1024)} MB`, `up to ${largest / 1024 / 1024} MB`);
}
