import { wobbleFrom } from '../beam/index.js';
import { findMetal } from '../metal/index.js';
import { meltKernel, reachLimits } from '../melt/index.js';
import { normalCdf } from '../numeric/index.js';
import { beliefOdds, type DepthBelief } from '../odds/index.js';
import { degree, fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { numberStream } from '../testing/numberStream.js';
import { couponInterval } from './couponInterval.js';
import { couponNoise } from './couponNoise.js';
import { depthBelief } from './depthBelief.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { scatterFactors } from './scatterFactors.js';
import { shopEvidence } from './shopEvidence.js';
import { tableSpread } from './tableSpread.js';

const looks = ['none', 'faint', 'even', 'heavy', 'hole'] as const;
const thickness = mm(2);

function weld(power: number): EvidenceWeld {
  return {
    machineId: 'bench',
    melt: {
      metal: findMetal('stainless304'),
      thickness,
      heatDirections: 2,
      power: watt(power),
      duty: fraction(1),
      travel: mmPerSecond(8),
      spot: mm(0.15),
      wobble: wobbleFrom('sideToSide', mm(2.5), hertz(60)),
      wire: null,
    },
    gap: mm(0),
    gas: 'argon',
    gunAngle: degree(45),
  };
}

/** A small shop: one to six looks at one machine on one metal, at random powers, whatever they showed. */
function smallShop(seed: number): { readonly question: EvidenceWeld; readonly coupons: EvidenceCoupon[] } {
  const random = numberStream(seed);
  const question = weld(750 + 500 * random());
  const count = 1 + Math.floor(6 * random());
  const coupons = Array.from({ length: count }, (_, i) => ({
    id: `c${i}`,
    weld: weld(600 + 700 * random()),
    finding: { by: 'look', back: looks[Math.floor(5 * random())] ?? 'even' } as const,
    isTravelMeasured: random() < 0.5,
    isSlip: false,
  }));
  return { question, coupons };
}

/** Points along the level of the line, and along its slope, to so many standard deviations. */
const levels = 81;
const slopes = 9;
const wide = 4.5;

/**
 * Odds of the next weld by plain quadrature: over the scatter, the line's level, and its slope with power, which are
 * all that these shops leave open. Slow, and as near as one likes.
 */
function exactOdds({ question, coupons }: ReturnType<typeof smallShop>): readonly number[] {
  const slopeSd = 0.1;
  const at = (power: number) => Math.log(power / 1000);
  const whole = tableSpread(question) ** 2 - 0.1 ** 2;
  const levelSd = Math.sqrt(whole - (slopeSd * at(question.melt.power)) ** 2);
  const readings = coupons.map((coupon) => {
    const { depth, width } = meltKernel(coupon.weld.melt);
    return {
      ...couponInterval(coupon.finding, { thickness, depth, width, gap: mm(0) }),
      noise: couponNoise(coupon.weld, { by: 'look', isTravelMeasured: coupon.isTravelMeasured }),
      x: at(coupon.weld.melt.power),
    };
  });
  const { reach, width } = meltKernel(question.melt);
  const limits = reachLimits(thickness, width, mm(0));
  const edges = [limits.coldBelow, limits.fullFrom, limits.hotFrom, limits.holeFrom].map((edge) =>
    Math.log(edge / reach),
  );
  const below = [0, 0, 0, 0];
  let all = 0;
  for (const { factor, share } of scatterFactors) {
    for (let i = 0; i < levels; i++) {
      const zLevel = -wide + (2 * wide * i) / (levels - 1);
      for (let j = 0; j < slopes; j++) {
        const zSlope = -wide + (2 * wide * j) / (slopes - 1);
        let weight = share * Math.exp(-(zLevel * zLevel + zSlope * zSlope) / 2);
        for (const { low, high, noise, x } of readings) {
          const line = zLevel * levelSd + zSlope * slopeSd * x;
          const sd = noise * factor;
          weight *= normalCdf((high - line) / sd) - normalCdf((low - line) / sd);
        }
        all += weight;
        const line = zLevel * levelSd + zSlope * slopeSd * at(question.melt.power);
        edges.forEach((edge, k) => {
          below[k] = (below[k] as number) + weight * normalCdf((edge - line) / (0.1 * factor));
        });
      }
    }
  }
  const cdf = [...below.map((each) => each / all), 1];
  return cdf.map((each, k) => each - (k === 0 ? 0 : (cdf[k - 1] as number)));
}

function oddsOf(question: EvidenceWeld, belief: DepthBelief): readonly number[] {
  const { reach, width } = meltKernel(question.melt);
  return Object.values(beliefOdds(reach, belief, reachLimits(thickness, width, mm(0)), 1));
}

describe('odds of 200 small shops', () => {
  it('lie within one in a hundred of the exact answer', () => {
    let worst = 0;
    for (let seed = 0; seed < 200; seed++) {
      const shop = smallShop(4000 + 17 * seed);
      const exact = exactOdds(shop);
      const stated = oddsOf(
        shop.question,
        depthBelief(shopEvidence(shop.question, shop.coupons), shop.question),
      );
      exact.forEach((chance, k) => (worst = Math.max(worst, Math.abs(chance - (stated[k] as number)))));
    }
    expect(worst).toBeLessThan(0.01);
  });
});
