import type {
  CouponFileFormat,
  CouponFilter,
  FilePreview,
  FileRow,
  Person,
  ReadFormat,
} from '@lone-heron/contract';
import {
  beyondMachine,
  largestCouponFile,
  type Coupon,
  type FiledCoupon,
  type Machine,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { zipSync, type Zippable } from 'fflate';
import { readFile } from 'node:fs/promises';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, In, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { matchingCoupons } from '../coupons/couponList.js';
import { couponFromRow, draftFromRow } from '../coupons/couponRow.js';
import { CouponsService } from '../coupons/coupons.service.js';
import { conflict, refused } from '../http/problem.js';
import { CouponTestEntity } from '../inspection/couponTest.entity.js';
import { MachinesService } from '../machines/machines.service.js';
import { PersonEntity } from '../people/person.entity.js';
import { PhotoEntity } from '../photos/photo.entity.js';
import { hashOf, PhotoFiles } from '../photos/photoFiles.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { readCouponFile, type ReadRow } from './readCouponFile.js';
import { couponsAsCsv, couponsAsJson } from './writeCouponFile.js';

/** Rows that are asked of the database at once. */
const batch = 500;

/** A row that was held against what is stored. */
interface JudgedRow extends FileRow {
  readonly coupon: FiledCoupon | null;
}

@Injectable()
export class CouponFilesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly coupons: CouponsService,
    private readonly machines: MachinesService,
    private readonly photoFiles: PhotoFiles,
    private readonly changes: ChangesService,
  ) {}

  /** The coupons that match, oldest first, as a file; a ZIP has their photos and tests beside them. */
  async write(format: CouponFileFormat, filter: CouponFilter): Promise<Buffer> {
    const { manager } = this.dataSource;
    const rows = await matchingCoupons(manager, filter)
      .leftJoinAndSelect('coupon.window', 'window')
      .orderBy('coupon.number', 'ASC')
      .getMany();
    const coupons = rows.map(couponFromRow);
    if (format === 'csv') return Buffer.from(couponsAsCsv(coupons));
    if (format === 'json') return Buffer.from(couponsAsJson(coupons));
    return this.writeZip(manager, coupons);
  }

  private async writeZip(manager: EntityManager, coupons: readonly Coupon[]): Promise<Buffer> {
    const ids = new Set(coupons.map(({ id }) => id));
    const [photos, tests] = await Promise.all([manager.find(PhotoEntity), manager.find(CouponTestEntity)]);
    const mine = photos.filter(({ couponId, withdrawnAt }) => ids.has(couponId) && withdrawnAt === null);
    const files: Zippable = {
      'coupons.json': Buffer.from(couponsAsJson(coupons)),
      'coupons.csv': Buffer.from(couponsAsCsv(coupons)),
      'photos.json': Buffer.from(
        JSON.stringify(
          mine.map(({ sentHash: _sent, withdrawnAt: _out, ...photo }) => photo),
          null,
          1,
        ),
      ),
      'tests.json': Buffer.from(
        JSON.stringify(
          tests.filter(({ couponId, withdrawnAt }) => ids.has(couponId) && withdrawnAt === null),
          null,
          1,
        ),
      ),
    };
    for (const { hash, type } of mine) {
      // Pictures are packed already: packing them again costs time and saves nothing.
      files[`photos/${hash}.${type.replace('image/', '')}`] = [
        await readFile(this.photoFiles.pathOf(hash)),
        { level: 0 },
      ];
    }
    return Buffer.from(zipSync(files));
  }

  /** What would become of a file, row by row. Nothing is stored. */
  async preview(format: ReadFormat, bytes: Buffer, by: Person): Promise<FilePreview> {
    const { rows, unknownColumns } = readCouponFile(format, sized(bytes));
    const judged = await this.judge(this.dataSource.manager, rows, by);
    return {
      hash: hashOf(bytes),
      rows: judged.map(({ row, standing, words, reasons }) => ({ row, standing, words, reasons })),
      unknownColumns,
    };
  }

  /** Stores the rows that are new, all of them or none. A file other than the one that was shown is refused. */
  async store(format: ReadFormat, hash: string, bytes: Buffer, by: Person): Promise<{ stored: number }> {
    if (hashOf(bytes) !== hash)
      throw conflict('This is not the file that was shown. Look at it again, then store it.');
    const { rows } = readCouponFile(format, sized(bytes));
    return this.writes.run(async (manager) => {
      const judged = await this.judge(manager, rows, by);
      const fresh = judged.flatMap(({ standing, coupon }) =>
        standing === 'new' && coupon !== null ? [coupon] : [],
      );
      const stored = await this.coupons.insertAll(manager, fresh, by);
      if (stored > 0) {
        const what = `read ${stored} coupons in from a file`;
        await this.changes.record(manager, {
          personId: by.id,
          noun: 'coupon',
          subjectId: hash.slice(0, 12),
          what,
        });
      }
      return { stored };
    });
  }

  private async judge(
    manager: EntityManager,
    rows: readonly ReadRow[],
    by: Person,
  ): Promise<readonly JudgedRow[]> {
    const machines = new Map<string, Machine | null>();
    for (const machineId of new Set(
      rows.flatMap(({ coupon }) => (coupon === null ? [] : [coupon.machineId])),
    )) {
      machines.set(machineId, await this.machines.find(machineId, manager));
    }
    const people = new Set((await manager.find(PersonEntity)).map(({ id }) => id));
    const stored = await storedAlike(manager, rows);
    const seen = new Set<string>();
    return rows.map((row) => {
      const judged = judgeRow(row, { machines, people, stored, by });
      if (judged.coupon === null || judged.standing !== 'new') return judged;
      const key = judged.coupon.id ?? contentKey(judged.coupon);
      if (seen.has(key)) return { ...judged, standing: 'duplicate', reasons: ['stands twice in this file'] };
      seen.add(key);
      return judged;
    });
  }
}

function sized(bytes: Buffer): Buffer {
  if (bytes.length <= largestCouponFile) return bytes;
  const megabytes = largestCouponFile / 1024 / 1024;
  throw refused([
    { field: 'file', given: `${Math.ceil(bytes.length / 1024 / 1024)} MB`, allowed: `up to ${megabytes} MB` },
  ]);
}

interface Known {
  readonly machines: ReadonlyMap<string, Machine | null>;
  readonly people: ReadonlySet<string>;
  readonly stored: {
    readonly byId: ReadonlyMap<string, CouponEntity>;
    readonly byContent: ReadonlyMap<string, CouponEntity>;
  };
  readonly by: Person;
}

function judgeRow({ row, coupon, reasons }: ReadRow, { machines, people, stored, by }: Known): JudgedRow {
  const wrong = (...why: string[]): JudgedRow => ({
    row,
    coupon: null,
    standing: 'wrong',
    words: coupon === null ? '' : wordsOf(coupon),
    reasons: why,
  });
  if (coupon === null) return wrong(...reasons);
  const machine = machines.get(coupon.machineId) ?? null;
  if (machine === null) return wrong(`machine is “${coupon.machineId}”; allowed is a machine of this shop`);
  const beyond = beyondMachine(coupon.setting, machine);
  if (beyond.length > 0) {
    return wrong(...beyond.map(({ field, given, allowed }) => `${field} is ${given}; allowed is ${allowed}`));
  }
  const { id, personId = by.id, ...draft } = coupon;
  if (!people.has(personId)) return wrong(`person is “${personId}”; allowed is a person of this shop`);
  const same = id === undefined ? stored.byContent.get(contentKey(coupon)) : stored.byId.get(id);
  const words = wordsOf(coupon);
  if (same === undefined) return { row, coupon, standing: 'new', words, reasons: [] };
  if (id !== undefined && !isDeepStrictEqual(withoutRung(draftFromRow(same)), draft))
    return wrong(
      `id is that of coupon ${same.number}, which says something else; a coupon is never overwritten`,
    );
  return { row, coupon, standing: 'duplicate', words, reasons: [`is coupon ${same.number} already`] };
}

/** A file does not carry the rung. */
function withoutRung({ rung: _rung, ...draft }: ReturnType<typeof draftFromRow>) {
  return draft;
}

function wordsOf({ joint, setting, back }: FiledCoupon): string {
  return `${joint.metal} ${joint.firstThicknessMm} mm ${joint.kind}, ${setting.powerW} W, ${back}`;
}

/** Coupons without an id are the same where machine, moment, joint and setting are. */
function contentKey({
  machineId,
  weldedAt,
  joint,
  setting,
}: Pick<FiledCoupon, 'machineId' | 'weldedAt' | 'joint' | 'setting'>): string {
  return JSON.stringify([machineId, Date.parse(weldedAt), sortedKeys(joint), sortedKeys(setting)]);
}

function sortedKeys(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  return Object.entries(value)
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, each]) => [key, sortedKeys(each)]);
}

/** What is stored under the ids of a file, or welded at the moments of its rows. */
async function storedAlike(manager: EntityManager, rows: readonly ReadRow[]): Promise<Known['stored']> {
  const coupons = rows.flatMap(({ coupon }) => (coupon === null ? [] : [coupon]));
  const byId = new Map<string, CouponEntity>();
  const byContent = new Map<string, CouponEntity>();
  for (let from = 0; from < coupons.length; from += batch) {
    const some = coupons.slice(from, from + batch);
    const ids = some.flatMap(({ id }) => (id === undefined ? [] : [id]));
    const moments = some.map(({ weldedAt }) => new Date(weldedAt).toISOString());
    for (const row of await manager.findBy(CouponEntity, [{ id: In(ids) }, { weldedAt: In(moments) }])) {
      byId.set(row.id, row);
      byContent.set(contentKey(row), row);
    }
  }
  return { byId, byContent };
}
