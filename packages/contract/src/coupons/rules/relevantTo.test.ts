import type { Coupon } from '../coupon.js';
import { evidenceBudget, relevantAmong } from './relevantTo.js';

const coupon = (number: number, machineId: string, metal: string, thickness: number, kind = 'butt') =>
  ({ number, machineId, joint: { kind, metal, firstThicknessMm: thickness } }) as unknown as Coupon;
const question = {
  machineId: 'bench',
  metal: 'stainless304',
  kind: 'butt',
  thicknessMm: 1.5,
  machine: 'any',
} as const;
const numbersOf = (coupons: readonly Coupon[]) => coupons.map(({ number }) => number);

describe('of the coupons at hand, those that speak to a joint', () => {
  const atHand = [
    coupon(9, 'barrow', 'copper', 1.5),
    coupon(8, 'bench', 'copper', 1.5),
    coupon(7, 'barrow', 'stainless316', 6),
    coupon(6, 'bench', 'stainless304', 3),
    coupon(5, 'barrow', 'stainless316', 0.75),
    coupon(4, 'bench', 'stainless304', 1.5, 'tee'),
  ];

  it('are alike in metal, kind and thickness first, then of the machine or the metal', () => {
    const { coupons, alike, leftOut } = relevantAmong(atHand, 40, question);
    expect(numbersOf(coupons)).toEqual([6, 5, 8, 7, 4]);
    expect(alike).toBe(2);
    expect(leftOut).toEqual({ older: 34, unlike: 1 });
  });

  it('are of the one machine where no other is asked for', () => {
    expect(numbersOf(relevantAmong(atHand, 6, { ...question, machine: 'only' }).coupons)).toEqual([6, 8, 4]);
  });

  it('are no more than are weighed', () => {
    const many = Array.from({ length: evidenceBudget + 5 }, (_, i) => coupon(i, 'bench', 'stainless304', 2));
    const { coupons, alike } = relevantAmong(many, many.length, question);
    expect([coupons.length, alike]).toEqual([evidenceBudget, evidenceBudget]);
  });
});
