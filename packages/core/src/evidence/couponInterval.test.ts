import { reachLimits } from '../melt/index.js';
import { mm } from '../quantity/index.js';
import { couponInterval, type CouponFinding } from './index.js';

/** 2 mm that was reckoned to be melted just through: what is found is what the reach is. */
const model = { thickness: mm(2), depth: mm(2), width: mm(2.7), gap: mm(0) };
const limits = reachLimits(model.thickness, model.width, model.gap);
type Toes = Extract<CouponFinding, { by: 'toes' }>;

/** Depth over thickness that a look stands for. */
function reachOf(toes: Toes['toes'], far: Toes['far'], farReach?: number): readonly [number, number] {
  const side = farReach === undefined ? {} : { far: { reach: farReach } };
  const { low, high } = couponInterval({ by: 'toes', toes, far }, { ...model, ...side });
  return [Math.exp(low), Math.exp(high)];
}

describe('what toes and far side say of the reach', () => {
  it.each([
    // An edge has no far side: wetted and not melted away is what one wants.
    ['wetted', 'nothing', undefined, limits.fullFrom, limits.hotFrom],
    ['wetted', 'nothing', 2, limits.coldBelow, 2],
    ['wetted', null, undefined, limits.coldBelow, Infinity],
    ['wetted', null, 2, limits.coldBelow, Infinity],
    // Under 0.8 of a far side that is near, cold and short of it cannot be told apart by so much.
    ['wetted', 'nothing', 0.5, 0.45, 0.5],
    ['cold', 'nothing', undefined, 0, limits.coldBelow],
    ['cold', 'nothing', 0.5, 0, 0.5],
    ['cold', null, 2, 0, limits.coldBelow],
    [null, 'nothing', undefined, 0, limits.hotFrom],
    [null, 'nothing', 2, 0, 2],
    [null, null, undefined, 0, Infinity],
    ['wetted', 'shows', undefined, limits.hotFrom, Infinity],
    ['cold', 'shows', 2, 2, Infinity],
    [null, 'hole', undefined, limits.holeFrom, Infinity],
    ['wetted', 'hole', 2, 2, Infinity],
    [null, 'hole', 0.5, limits.holeFrom, Infinity],
  ] as const)('toes %s, far side %s, %s thick to it: %d to %d', (toes, far, farReach, from, to) => {
    const [low, high] = reachOf(toes, far, farReach);
    expect(low).toBeCloseTo(from, 9);
    expect(high === Infinity ? Infinity : Number(high.toFixed(9))).toBe(
      to === Infinity ? Infinity : Number(to.toFixed(9)),
    );
  });

  it('is held against the depth that the model gave', () => {
    const { low, high } = couponInterval(
      { by: 'toes', toes: 'wetted', far: 'nothing' },
      { ...model, depth: mm(1.5) },
    );
    expect(low).toBeCloseTo(Math.log(limits.fullFrom / 0.75), 9);
    expect(high).toBeCloseTo(Math.log(limits.hotFrom / 0.75), 9);
  });
});
