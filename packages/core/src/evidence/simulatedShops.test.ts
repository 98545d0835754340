import { wobbleFrom } from '../beam/index.js';
import { findMetal, type MetalId } from '../metal/index.js';
import { meltKernel, reachLimits } from '../melt/index.js';
import { degree, fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { couponNoise } from './couponNoise.js';
import { depthCorrection } from './depthCorrection.js';
import { depthLine, lineRow } from './depthLine.js';
import type { CouponFinding, EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { shopEvidence } from './shopEvidence.js';
import { gaussian, numberStream } from '../testing/numberStream.js';

const oneOf = <Item>(items: readonly Item[], random: () => number) =>
  items[Math.floor(random() * items.length)] as Item;

const metals: readonly MetalId[] = ['stainless304', 'lowCarbonSteel', 'aluminium5052'];

function weld(random: () => number): EvidenceWeld {
  return {
    machineId: oneOf(['bench', 'barrow'], random),
    melt: {
      metal: findMetal(oneOf(metals, random)),
      thickness: mm(oneOf([1, 1.5, 2], random)),
      heatDirections: 2,
      power: watt(600 + 900 * random()),
      duty: fraction(1),
      travel: mmPerSecond(7 + 4 * random()),
      spot: mm(0.15),
      wobble: wobbleFrom('sideToSide', mm(2), hertz(oneOf([50, 60, 80], random))),
      wire: null,
    },
    gap: mm(0),
    gas: oneOf(['argon', 'nitrogen'] as const, random),
    gunAngle: degree(oneOf([45, 45, 60], random)),
  };
}

/** What is seen of a weld that is so much deeper than the model. */
function seen({ melt, gap }: EvidenceWeld, lnRatio: number, isCut: boolean): CouponFinding {
  const { depth, width } = meltKernel(melt);
  const real = depth * Math.exp(lnRatio);
  if (isCut)
    return real >= melt.thickness ? { by: 'sectionThrough' } : { by: 'section', depth: mm(real * 1000) };
  const reach = real / melt.thickness;
  const { coldBelow, fullFrom, hotFrom, holeFrom } = reachLimits(melt.thickness, width, gap);
  if (reach < coldBelow) return { by: 'look', back: 'none' };
  if (reach < fullFrom) return { by: 'look', back: 'faint' };
  if (reach < hotFrom) return { by: 'look', back: 'even' };
  return { by: 'look', back: reach < holeFrom ? 'heavy' : 'hole' };
}

/** A shop drawn from what is believed before any coupon; whether its stated interval holds what is true in it. */
function isHeld(seed: number, z: number): boolean {
  const random = numberStream(seed);
  const question = weld(random);
  const welds = Array.from({ length: 10 + Math.floor(20 * random()) }, () => weld(random));
  const blank = welds.map((each, i) => ({
    id: String(100 + i),
    weld: each,
    finding: { by: 'look', back: 'even' } as const,
    isTravelMeasured: random() < 0.7,
    isSlip: false,
  }));
  const line = depthLine(question, blank);
  const truth = line.priorSd.map((sd) => sd * gaussian(random));
  const along = (row: Float64Array) => row.reduce((sum, x, j) => sum + x * (truth[j] as number), 0);
  const coupons: EvidenceCoupon[] = blank.map((coupon) => {
    const isCut = random() < 0.2;
    const noise = couponNoise(coupon.weld, {
      by: isCut ? 'section' : 'look',
      isTravelMeasured: coupon.isTravelMeasured,
    });
    const lnRatio = along(lineRow(line.terms, coupon.weld)) + noise * gaussian(random);
    return { ...coupon, finding: seen(coupon.weld, lnRatio, isCut) };
  });
  const { lnRatio, sd } = depthCorrection(shopEvidence(question, coupons), question);
  return Math.abs(lnRatio - along(lineRow(line.terms, question))) <= z * sd;
}

describe('over 200 simulated shops', () => {
  it.each([
    [80, 1.2815515655446004, 0.72, 0.88],
    [50, 0.6744897501960817, 0.42, 0.58],
    [95, 1.959963984540054, 0.9, 0.99],
  ])('stated %d %% intervals hold what is true about as often as they say', (_, z, least, most) => {
    const held =
      Array.from({ length: 200 }, (__, i) => isHeld(1000 + 37 * i, z)).filter(Boolean).length / 200;
    expect(held).toBeGreaterThanOrEqual(least);
    expect(held).toBeLessThanOrEqual(most);
  });
});
