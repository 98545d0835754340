import {
  contradictions,
  type CouponTest,
  type CouponTestDraft,
  type CouponTint,
  type Joint,
  type Person,
  type TintQuery,
} from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { requireCoupon } from '../coupons/face/requireCoupon.js';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { requirePast } from '../kit/requirePast.js';
import { photosOfCoupons } from '../photos/face/readPhotos.js';
import { CouponTestEntity } from './couponTest.entity.js';
import { keepSection } from './face/keepSection.js';
import { senseProblems } from './face/senseProblems.js';
import { testsOfCoupons } from './face/readTests.js';
import { testDraftOf, testFromRow } from './testFromRow.js';
import { tintReadings } from './tintReadings.js';

@Injectable()
export class InspectionService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
  ) {}

  /** A coupon's tests, oldest first, taken-back ones left out. */
  async list(couponId: string): Promise<CouponTest[]> {
    return [...(await testsOfCoupons(this.dataSource.manager, [couponId]))];
  }

  /** Colours read off photographed faces of a metal's family, newest first. */
  tints({ metal }: TintQuery): Promise<CouponTint[]> {
    return tintReadings(this.dataSource.manager, metal);
  }

  /** Writes a test down. Repeating it is the same save; with other content it is a conflict. */
  write(id: string, couponId: string, draft: CouponTestDraft, by: Person): Promise<CouponTest> {
    return this.kit.enter(by, async (entry) => {
      const { manager, at } = entry;
      const { row } = await tests.write(entry, id, { couponId, ...draft }, async () => {
        requirePast('doneAt', draft.doneAt, new Date(at));
        const coupon = await requireCoupon(manager, couponId);
        await requireSense(manager, couponId, draft);
        requireNoContradiction(draft, coupon.joint);
        await manager.insert(CouponTestEntity, {
          ...{ id, couponId, kind: draft.detail.kind, ...draft },
          ...{ doneBy: by.id, recordedAt: at, withdrawnAt: null },
        });
        await keepSection(manager, couponId);
      });
      return testFromRow(row);
    });
  }

  /** Takes a test back, or puts it in again; its record stays. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<CouponTest> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took back' : 'put in again';
      const row = await tests.setTakenBack(entry, id, isWithdrawn, async ({ couponId, kind }) => {
        await keepSection(entry.manager, couponId);
        const { number } = await requireCoupon(entry.manager, couponId);
        await entry.tell('test', id, `${did} a test of coupon ${number}: ${kind}`);
      });
      return testFromRow(row);
    });
  }
}

const tests = new ClientRecords<CouponTestEntity, CouponTestDraft & { readonly couponId: string }>({
  entity: CouponTestEntity,
  ...{ called: 'test', author: 'doneBy', takenBack: 'withdrawnAt' },
  whose: ({ couponId }, manager) => requireCoupon(manager, couponId),
  draftOf: (row) => ({ couponId: row.couponId, ...testDraftOf(row) }),
});

async function requireSense(manager: EntityManager, couponId: string, draft: CouponTestDraft) {
  const photos = await photosOfCoupons(manager, [couponId]);
  const problems = senseProblems(draft, new Set(photos.map(({ id }) => id)));
  if (problems.length > 0) throw refused(problems);
}

/** What the figures say did not hold is not written down as held. */
function requireNoContradiction({ detail, result }: CouponTestDraft, joint: Joint): void {
  if (result !== 'holds') return;
  const why = contradictions(detail, joint);
  if (why.length === 0) return;
  throw refused([{ field: 'result', given: result, allowed: `fails or unclear: ${why.join(' ')}` }]);
}
