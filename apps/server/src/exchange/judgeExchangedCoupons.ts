import type { FiledCoupon, Machine, Person } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { judgeCoupons } from '../couponFiles/face/judgeCoupons.js';
import type { TellProgress } from '../fileWork/FileWork.js';
import { machinesWithWindow } from '../windows/face/readWindows.js';
import { personIds } from '../people/face/readPeople.js';
import { judged, type JudgedPart } from './JudgedPart.js';
import type { ReadPart } from './readExchange.js';

/**
 * Holds coupons of an exchange against the shop's. Who welded one is kept where that person is of this shop, else it is
 * whoever reads the file in. A coupon of a machine that never had a window recorded here has to wait for one.
 */
export async function judgeExchangedCoupons(
  manager: EntityManager,
  parts: readonly ReadPart<FiledCoupon>[],
  machineOf: (id: string) => Machine | null,
  by: Person,
  tell: TellProgress,
): Promise<readonly JudgedPart<FiledCoupon>[]> {
  const people = await personIds(manager);
  const withWindow = await machinesWithWindow(manager);
  const rows = parts.map(({ row, record, reasons }) => ({
    row,
    coupon: record === null ? null : ofThisShop(record, people),
    reasons,
  }));
  const rowsJudged = await judgeCoupons(manager, rows, (id) => Promise.resolve(machineOf(id)), by, tell);
  return rowsJudged.map(({ row, record, standing, words, reasons }, i) => {
    const part = { of: 'coupon', row, id: rows[i]?.coupon?.id ?? '', words } as const;
    if (standing === 'duplicate') return judged(part, 'here', reasons);
    if (standing === 'wrong' || record === null) return judged(part, 'wrong', reasons);
    if (!withWindow.has(record.machineId)) {
      const name = machineOf(record.machineId)?.name ?? record.machineId;
      return judged(part, 'wrong', [
        `no protective window is recorded on ${name}: fit one, then read the file in again`,
      ]);
    }
    return judged(part, 'new', [], record);
  });
}

function ofThisShop(coupon: FiledCoupon, people: ReadonlySet<string>): FiledCoupon {
  const { personId, ...rest } = coupon;
  return personId !== undefined && people.has(personId) ? coupon : rest;
}
