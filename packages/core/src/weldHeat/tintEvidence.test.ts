import { learnTint, tintAsSeen, type TintReading } from './tintEvidence.js';
import type { TintEdges, TintLeft } from './tintLeft.js';

const edges = (widthMm: number) => ({ left: -widthMm / 2000, right: widthMm / 2000 });
const computed: TintEdges = { straw: edges(12), gold: edges(9), blue: edges(6) };
const reading = (times: number, changes: Partial<TintReading> = {}): TintReading => ({
  computed,
  read: { straw: { width: times * 12e-3, give: 0.3e-3 }, blue: { width: times * 6e-3, give: 0.3e-3 } },
  ...changes,
});
const left: TintLeft = {
  front: computed,
  back: { ...computed, blue: null },
  reach: { front: { straw: 6, gold: 4, blue: 3 }, back: { straw: 5, gold: 0, blue: 0 } },
  likely: { wide: { front: computed, back: computed }, narrow: { front: computed, back: computed } },
};

describe('colours that were photographed', () => {
  it('leave the model as it is where there are none, with the tables’ doubt', () => {
    const belief = learnTint([]);
    expect(belief.factor).toBe(1);
    expect(belief.coupons).toBe(0);
    expect(belief.high).toBeCloseTo(Math.exp(0.2 * 1.2816), 9);
    expect(tintAsSeen(left, belief)).toBe(left);
  });

  it('draw the model to them, a coupon in part and many almost wholly', () => {
    const [one, ten] = [1, 10].map((count) => learnTint(Array.from({ length: count }, () => reading(0.7))));
    expect(one!.factor).toBeLessThan(0.85);
    expect(one!.factor).toBeGreaterThan(0.72);
    expect(ten!.factor).toBeGreaterThan(0.7);
    expect(ten!.factor).toBeLessThan(0.72);
    expect(ten!.high - ten!.low).toBeLessThan(one!.high - one!.low);
    expect(ten!.coupons).toBe(10);
  });

  it('say less the less surely they were read', () => {
    const unsure = reading(0.7, { read: { straw: { width: 0.7 * 12e-3, give: 4e-3 } } });
    expect(learnTint([unsure]).factor).toBeGreaterThan(learnTint([reading(0.7)]).factor);
  });

  it('say nothing of colours that only one of them has', () => {
    const none = reading(0.7, { computed: { straw: null, gold: edges(9), blue: null } });
    expect(learnTint([none]).coupons).toBe(0);
    expect(learnTint([reading(0.7, { read: { straw: { width: 0, give: 1e-3 } } })]).coupons).toBe(0);
  });

  it('are shown as they came out, with what is left of the doubt', () => {
    const belief = learnTint([reading(0.7), reading(0.7)]);
    const seen = tintAsSeen(left, belief);
    expect(seen.front.straw!.right).toBeCloseTo(belief.factor * 6e-3, 12);
    expect(seen.back.blue).toBeNull();
    expect(seen.reach.back.straw).toBeCloseTo(5 * belief.factor, 12);
    expect(seen.likely.narrow.front.blue!.left).toBeCloseTo(-belief.low * 3e-3, 12);
    expect(seen.likely.wide.front.blue!.right).toBeCloseTo(belief.high * 3e-3, 12);
  });
});
