import type { CouponTest, CouponTestDraft, Person } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import type { CouponEntity } from '../coupons/coupon.entity.js';
import { requireCoupon } from '../coupons/requireCoupon.js';
import { conflict, notFound, refused } from '../http/problem.js';
import { PhotoEntity } from '../photos/photo.entity.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { CouponTestEntity } from './couponTest.entity.js';
import { keepSection } from './keepSection.js';
import { senseProblems } from './senseProblems.js';
import { testDraftOf, testFromRow } from './testFromRow.js';

@Injectable()
export class InspectionService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
  ) {}

  /** A coupon's tests, oldest first, taken-back ones left out. */
  async list(couponId: string): Promise<CouponTest[]> {
    const rows = await this.dataSource.manager.find(CouponTestEntity, {
      where: { couponId, withdrawnAt: IsNull() },
      order: { doneAt: 'ASC', id: 'ASC' },
    });
    return rows.map(testFromRow);
  }

  /** Writes a test down. Repeating it is the same save; with other content it is a conflict. */
  write(id: string, couponId: string, draft: CouponTestDraft, by: Person): Promise<CouponTest> {
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(CouponTestEntity, { id });
      if (stored !== null) {
        if (stored.couponId === couponId && isDeepStrictEqual(testDraftOf(stored), draft))
          return testFromRow(stored);
        throw conflict(`Test ${id} is stored already with other content. A test is never overwritten.`);
      }
      const coupon = await requireCoupon(manager, couponId);
      await requireSense(manager, coupon, draft);
      await manager.insert(CouponTestEntity, {
        ...{ id, couponId, kind: draft.detail.kind, ...draft },
        doneBy: by.id,
        recordedAt: this.clock.now().toISOString(),
        withdrawnAt: null,
      });
      await keepSection(manager, couponId);
      return testFromRow(await requireTest(manager, id));
    });
  }

  /** Takes a test back, or puts it in again; its record stays. Repeating it changes nothing. */
  setWithdrawn(id: string, withdrawn: boolean, by: Person): Promise<CouponTest> {
    return this.writes.run(async (manager) => {
      const row = await requireTest(manager, id);
      if ((row.withdrawnAt !== null) !== withdrawn) {
        row.withdrawnAt = withdrawn ? this.clock.now().toISOString() : null;
        await manager.update(CouponTestEntity, { id }, { withdrawnAt: row.withdrawnAt });
        await keepSection(manager, row.couponId);
        const { number } = await requireCoupon(manager, row.couponId);
        const what = `${withdrawn ? 'took back' : 'put in again'} a test of coupon ${number}: ${row.kind}`;
        await this.changes.record(manager, { personId: by.id, noun: 'test', subjectId: id, what });
      }
      return testFromRow(row);
    });
  }
}

async function requireSense(manager: EntityManager, coupon: CouponEntity, draft: CouponTestDraft) {
  const photos = await manager.findBy(PhotoEntity, { couponId: coupon.id });
  const problems = senseProblems(draft, new Set(photos.map(({ id }) => id)));
  if (problems.length > 0) throw refused(problems);
}

async function requireTest(manager: EntityManager, id: string): Promise<CouponTestEntity> {
  const row = await manager.findOneBy(CouponTestEntity, { id });
  if (row === null) throw notFound('test', id);
  return row;
}
