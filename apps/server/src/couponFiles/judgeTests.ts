import type { FiledTest } from '@lone-heron/contract';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { testsById } from '../inspection/face/readTests.js';
import { senseProblems } from '../inspection/face/senseProblems.js';
import { personIds } from '../people/face/readPeople.js';
import { photosOfCoupons } from '../photos/face/readPhotos.js';
import { standingsOf, type JudgedRow } from './face/JudgedRow.js';
import type { Archive } from './readArchive.js';
import { filedTest } from './face/writeCouponFile.js';

/**
 * Holds the tests of a file against what is stored.
 *
 * @param coupons ids of the coupons that are stored or would be
 * @param newPhotos those that would be stored with them: id and coupon
 */
export async function judgeTests(
  manager: EntityManager,
  { tests }: Archive,
  coupons: ReadonlySet<string>,
  newPhotos: readonly { readonly id: string; readonly couponId: string }[],
): Promise<readonly JudgedRow<FiledTest>[]> {
  const read = tests.flatMap(({ record }) => (record === null ? [] : [record]));
  const before = await testsById(
    manager,
    read.map(({ id }) => id),
  );
  const stored = new Map(before.map((each) => [each.id, each]));
  const people = await personIds(manager);
  const photosOf = await photosByCoupon(manager, read, newPhotos);
  const seen = new Set<string>();
  return tests.map(({ record: test, reasons }, i) => {
    const words = test === null ? '' : `${test.detail.kind}, ${test.result}`;
    const { wrong, duplicate, fresh } = standingsOf<FiledTest>('test', i + 1, words);
    if (test === null) return wrong(...reasons);
    const same = stored.get(test.id);
    if (same !== undefined) {
      return isDeepStrictEqual(filedTest(same), test)
        ? duplicate('is here already')
        : wrong('id is that of another test; a test is never overwritten');
    }
    if (seen.has(test.id)) return duplicate('stands twice in this file');
    seen.add(test.id);
    if (!coupons.has(test.couponId)) return wrong('its coupon is neither here nor in this file');
    if (!people.has(test.doneBy))
      return wrong(`doneBy is “${test.doneBy}”; allowed is a person of this shop`);
    const senseless = senseProblems(test, photosOf.get(test.couponId) ?? new Set());
    if (senseless.length > 0) {
      return wrong(
        ...senseless.map(({ field, given, allowed }) => `${field} is ${given}; allowed is ${allowed}`),
      );
    }
    return fresh(test);
  });
}

async function photosByCoupon(
  manager: EntityManager,
  tests: readonly FiledTest[],
  newPhotos: readonly { readonly id: string; readonly couponId: string }[],
): Promise<ReadonlyMap<string, ReadonlySet<string>>> {
  const couponIds = [...new Set(tests.map(({ couponId }) => couponId))];
  const stored = await photosOfCoupons(manager, couponIds);
  const photos = new Map<string, Set<string>>();
  for (const { id, couponId } of [...stored, ...newPhotos])
    photos.set(couponId, (photos.get(couponId) ?? new Set()).add(id));
  return photos;
}
