import { wobbleFrom } from '../beam/index.js';
import { findMetal } from '../metal/index.js';
import { meltKernel, reachLimits } from '../melt/index.js';
import { degree, fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';
import { borrowedEvidence } from './borrowedEvidence.js';
import { couponInfluence } from './couponInfluence.js';
import { depthCorrection } from './depthCorrection.js';
import { depthLine, likeLine } from './depthLine.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { shopEvidence } from './shopEvidence.js';
import { shopOffset } from './shopOffset.js';

/** z of an interval that holds 80 %. */
const z80 = 1.2815515655446004;
const firms = 120;

function weld(random: () => number, workshopId: string, machineId = workshopId): EvidenceWeld {
  return {
    workshopId,
    machineId,
    melt: {
      metal: findMetal('stainless304'),
      thickness: mm(1 + Math.floor(3 * random()) / 2),
      heatDirections: 2,
      power: watt(500 + 900 * random()),
      duty: fraction(1),
      travel: mmPerSecond(7 + 4 * random()),
      spot: mm(0.15),
      wobble: wobbleFrom('sideToSide', mm(2), hertz(60)),
      wire: null,
    },
    gap: mm(0),
    gas: 'argon',
    gunAngle: degree(45),
  };
}

/** What a weld that is so much deeper than the model shows at its back. */
function coupon(made: EvidenceWeld, id: string, lnRatio: number): EvidenceCoupon {
  const { reach, width } = meltKernel(made.melt);
  const real = reach * Math.exp(lnRatio);
  const { coldBelow, fullFrom, hotFrom, holeFrom } = reachLimits(made.melt.thickness, width, made.gap);
  const limits = [coldBelow, fullFrom, hotFrom, holeFrom];
  const backs = ['none', 'faint', 'even', 'heavy', 'hole'] as const;
  const back = backs[limits.filter((limit) => real >= limit).length] ?? 'hole';
  return { id, weld: made, finding: { by: 'look', back }, isTravelMeasured: true, isSlip: false };
}

/** How much deeper than the model each of three workshops welds, ln: the first is asked about. */
type Firm = (random: () => number) => readonly [number, number, number];

const alike: Firm = (random) => {
  const all = 0.18 * gaussian(random);
  return [all + 0.03 * gaussian(random), all + 0.03 * gaussian(random), all + 0.03 * gaussian(random)];
};
const strangers: Firm = (random) => [
  0.18 * gaussian(random),
  0.18 * gaussian(random),
  0.18 * gaussian(random),
];
const halfAlike: Firm = (random) => {
  const all = 0.13 * gaussian(random);
  return [all + 0.13 * gaussian(random), all + 0.13 * gaussian(random), all + 0.13 * gaussian(random)];
};
const oddOne: Firm = (random) => {
  const all = 0.2 * gaussian(random);
  return [-all, all, all];
};

/** A firm's coupons: so many of the workshop that is asked about, two dozen of each of the others. */
function couponsOf(random: () => number, offsets: readonly number[], own: number): EvidenceCoupon[] {
  return offsets.flatMap((offset, shop) =>
    Array.from({ length: shop === 0 ? own : 24 }, (_, at) =>
      coupon(weld(random, `w${shop}`), `${shop}-${100 + at}`, offset + 0.16 * gaussian(random)),
    ),
  );
}

interface Outcome {
  readonly alone: number;
  readonly pooled: number;
  readonly held: number;
}

/** Mean error of the depth by the workshop's own coupons and with all, and how often the pooled 80 % interval holds what is true. */
function outcome(firm: Firm, own: number): Outcome {
  const sum = { alone: 0, pooled: 0, held: 0 };
  for (let at = 0; at < firms; at++) {
    const random = numberStream(7000 + 53 * at + own);
    for (let i = 0; i < 20; i++) random();
    const offsets = firm(random);
    const question = weld(random, 'w0');
    const coupons = couponsOf(random, offsets, own);
    const mine = coupons.filter(({ weld: { workshopId } }) => workshopId === 'w0');
    const alone = depthCorrection(shopEvidence(question, mine), question);
    const pooled = depthCorrection(shopEvidence(question, coupons), question);
    sum.alone += Math.abs(alone.lnRatio - offsets[0]) / firms;
    sum.pooled += Math.abs(pooled.lnRatio - offsets[0]) / firms;
    if (Math.abs(pooled.lnRatio - offsets[0]) <= z80 * pooled.sd) sum.held += 1 / firms;
  }
  return sum;
}

describe(`over ${firms} simulated firms of three workshops`, () => {
  // Error with all coupons over the error by the workshop's own: what borrowing may cost, and has to bring.
  it.each([
    ['are alike', 0, alike, 0.75],
    ['are alike', 4, alike, 0.92],
    ['are alike', 16, alike, 1.01],
    ['are half alike', 0, halfAlike, 0.95],
    ['are half alike', 4, halfAlike, 1],
    ['have nothing to do with each other', 4, strangers, 1.08],
    ['have nothing to do with each other', 16, strangers, 1.08],
    ['have an odd one that is asked about', 4, oddOne, 1.15],
    ['have an odd one that is asked about', 16, oddOne, 1.1],
  ] as const)('which %s, with %d coupons of its own', (_, own, firm, most) => {
    const { alone, pooled, held } = outcome(firm, own);
    expect(pooled / alone).toBeLessThan(most);
    expect(held).toBeGreaterThan(0.7);
  });
});

describe('a workshop among others of its firm', () => {
  const random = numberStream(20);
  const question = weld(random, 'north');
  const of = (workshopId: string, count: number, lnRatio: number, machineId = workshopId) =>
    Array.from({ length: count }, (_, at) =>
      coupon(weld(random, workshopId, machineId), `${workshopId}-${100 + at}`, lnRatio),
    );

  it('alone is what a shop is: naming it changes nothing', () => {
    const coupons = of('north', 5, -0.2);
    const unnamed = coupons.map((each) => {
      const { workshopId: _, ...rest } = each.weld;
      return { ...each, weld: rest };
    });
    const { workshopId: _, ...asked } = question;
    expect(depthCorrection(shopEvidence(question, coupons), question)).toEqual(
      depthCorrection(shopEvidence(asked, unnamed), asked),
    );
    expect(borrowedEvidence(question, coupons)).toBeNull();
  });

  it('starts from the others where nothing was welded here yet, and says how much', () => {
    const borrowed = borrowedEvidence(question, [...of('south', 20, -0.2), ...of('west', 20, -0.2)]);
    expect(borrowed).toMatchObject({ workshops: 2, coupons: 40, own: 0 });
    expect(borrowed?.share).toBeGreaterThan(0.15);
    expect(borrowed?.words).toMatch(
      /^40 coupons of 2 other workshops take \d+ % of the doubt away \(none was welded here\): give or take \d+ % with them, \d+ % without\./,
    );
  });

  it('says in so many words where borrowing changes nothing', () => {
    const [one, two] = [1, 2].map((count) => borrowedEvidence(question, of('south', count, -0.6))?.words);
    expect(one).toMatch(/^A coupon of another workshop changes hardly anything: none was welded here\.$/);
    expect(two).toMatch(/^2 coupons of another workshop change hardly anything/);
  });

  it('goes by its own coupons where those of the others say otherwise', () => {
    const own = of('north', 20, 0.2);
    const others = [...of('south', 20, -0.2), ...of('west', 20, -0.2)];
    const alone = depthCorrection(shopEvidence(question, own), question).lnRatio;
    const pooled = depthCorrection(shopEvidence(question, [...own, ...others]), question).lnRatio;
    expect(Math.abs(pooled - alone)).toBeLessThan(0.05);
    expect(borrowedEvidence(question, [...own, ...others])?.words).toContain('20 were welded here');
  });

  it('is moved more by a coupon of its own than by one of another workshop', () => {
    const influence = couponInfluence(
      shopEvidence(question, [...of('north', 1, -0.3), ...of('south', 1, -0.3)]),
      question,
    );
    const [north, south] = ['north', 'south'].map((shop) => influence.find(({ id }) => id.startsWith(shop)));
    expect(Math.abs(north?.lnShift ?? 0)).toBeGreaterThan(Math.abs(south?.lnShift ?? 0));
  });

  it('answers the same whatever order coupons come in', () => {
    const coupons = [...of('north', 4, -0.1), ...of('south', 6, 0.1)];
    expect(shopEvidence(question, coupons.toReversed()).mode).toEqual(shopEvidence(question, coupons).mode);
  });

  it('has what it welds beside the model said of its own machine', () => {
    const evidence = shopEvidence(question, [...of('north', 12, -0.2), ...of('south', 12, 0.2)]);
    const north = shopOffset(evidence, 'north', 'stainless')?.deeperPercent ?? 0;
    expect(north).toBeLessThan(-5);
    expect(shopOffset(evidence, 'nobody', 'stainless')).toBeNull();
  });

  it('that is taken for all alike pools them; for none alike, learns nothing from them', () => {
    const line = depthLine(question, of('south', 1, 0));
    const sds = (likeness: number) => {
      const { terms, priorSd } = likeLine(line, likeness);
      return priorSd.filter((_, at) => terms[at]?.kind.startsWith('workshop'));
    };
    expect(sds(1)).toEqual([0, 0]);
    expect(Math.min(...sds(0.001))).toBeGreaterThan(1);
  });
});
