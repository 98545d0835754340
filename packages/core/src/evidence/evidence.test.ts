import fc from 'fast-check';
import { wobbleFrom } from '../beam/index.js';
import { findMetal, type MetalId } from '../metal/index.js';
import { meltKernel, reachLimits } from '../melt/index.js';
import { beliefMoments, outcomeOdds, weldScatter } from '../odds/index.js';
import { degree, fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import {
  couponInfluence,
  couponInterval,
  couponNoise,
  depthBelief,
  depthCorrection,
  disagreement,
  fitConjugateLine,
  fitIntervals,
  informationGain,
  predictConjugateLine,
  shopEvidence,
  shopOffset,
  type CouponFinding,
  type EvidenceCoupon,
  type EvidenceWeld,
} from './index.js';

interface Said {
  metal?: MetalId;
  machineId?: string;
  powerW?: number;
  thicknessMm?: number;
  rateHz?: number;
  gas?: EvidenceWeld['gas'];
}

function weld(said: Said = {}): EvidenceWeld {
  const { metal = 'stainless304', machineId = 'bench', powerW = 900, thicknessMm = 2, rateHz = 60 } = said;
  return {
    machineId,
    melt: {
      metal: findMetal(metal),
      thickness: mm(thicknessMm),
      heatDirections: 2,
      power: watt(powerW),
      duty: fraction(1),
      travel: mmPerSecond(8),
      spot: mm(0.15),
      wobble: wobbleFrom('sideToSide', mm(2.5), hertz(rateHz)),
      wire: null,
    },
    gap: mm(0),
    gas: said.gas ?? 'argon',
    gunAngle: degree(45),
  };
}

function coupon(id: string, finding: CouponFinding, said: Said = {}, isSlip = false): EvidenceCoupon {
  return { id, weld: weld(said), finding, isTravelMeasured: true, isSlip };
}

const noiseOf = ({ weld: made, finding, isTravelMeasured }: EvidenceCoupon) =>
  couponNoise(made, { by: finding.by === 'look' ? 'look' : 'section', isTravelMeasured });

const look = (back: 'none' | 'faint' | 'even' | 'heavy' | 'hole'): CouponFinding => ({ by: 'look', back });

/** A section that is so much deeper than the model. */
function deeper(id: string, ratio: number, said: Said = {}): EvidenceCoupon {
  const depth = meltKernel(weld(said).melt).depth * ratio;
  return coupon(id, { by: 'section', depth: mm(depth * 1000) }, said);
}

describe('without a coupon', () => {
  it.each<[MetalId, number, number]>([
    ['stainless304', 2, 0.22],
    ['aluminium5052', 2, 0.28],
    ['stainless304', 6, 0.35],
  ])('the answer for %s of %d mm is the model with its own spread of %d', (metal, thicknessMm, spread) => {
    const question = weld({ metal, thicknessMm, rateHz: 90, powerW: 1300 });
    const evidence = shopEvidence(question, []);
    const { lnRatio, sd } = depthCorrection(evidence, question);
    expect(lnRatio).toBe(0);
    expect(Math.hypot(sd, weldScatter)).toBeCloseTo(spread, 12);
    expect(beliefMoments(depthBelief(evidence, question)).sd).toBeCloseTo(spread, 12);
    expect(shopOffset(evidence, 'bench', question.melt.metal.family)).toBeNull();
  });

  it('the answer is wider than the table only where the covariates alone outweigh it', () => {
    const far = weld({ rateHz: 500 });
    expect(depthCorrection(shopEvidence(far, []), far).sd).toBeGreaterThan(0.3);
  });
});

describe('coupons', () => {
  const question = weld();

  it('that were measured pull the answer as far as the conjugate line does by hand', () => {
    const evidence = shopEvidence(question, [deeper('a', 1.2)]);
    const noise = noiseOf(deeper('a', 1.2));
    const line = 0.22 ** 2 - weldScatter ** 2;
    const plain = evidence.fits.find(({ factor }) => factor === 1);
    const expected = (Math.log(1.2) * line) / (line + noise ** 2);
    const at = (row: Float64Array) => row.reduce((sum, x, j) => sum + x * plain!.mean[j]!, 0);
    expect(at(evidence.asked)).toBeCloseTo(expected, 8);
    // How much this shop scatters is learned too: the answer lies between those of the scatters it may have.
    const { lnRatio, sd } = depthCorrection(evidence, question);
    expect(lnRatio).toBeCloseTo(expected, 1);
    expect(sd).toBeCloseTo(Math.sqrt(1 / (1 / line + noise ** -2)), 1);
  });

  it('of this machine count for more than those of another, and these for more than another family', () => {
    const shift = (said: Said) =>
      depthCorrection(
        shopEvidence(
          question,
          [1, 2, 3].map((i) => deeper(String(i), 1.25, said)),
        ),
        question,
      ).lnRatio;
    const here = shift({});
    const otherMachine = shift({ machineId: 'barrow' });
    const otherFamily = shift({ metal: 'lowCarbonSteel' });
    const bothOther = shift({ machineId: 'barrow', metal: 'lowCarbonSteel' });
    expect(here).toBeGreaterThan(otherMachine);
    expect(otherMachine).toBeCloseTo(otherFamily, 1);
    expect(otherFamily).toBeGreaterThan(bothOther);
    expect(bothOther).toBeGreaterThan(0);
  });

  it('of copper, which scatters more, say less of stainless than coupons of steel do', () => {
    const shift = (metal: MetalId) =>
      depthCorrection(shopEvidence(question, [deeper('a', 1.25, { metal, thicknessMm: 1 })]), question)
        .lnRatio;
    expect(shift('copper')).toBeLessThan(shift('lowCarbonSteel') / 2);
  });

  it('leave a machine, a metal or a gas that they know nothing of as unknown as before', () => {
    const evidence = shopEvidence(question, [deeper('a', 1.1)]);
    const strange = weld({ machineId: 'barrow', metal: 'lowCarbonSteel', gas: 'nitrogen' });
    const { sd, lnRatio } = depthCorrection(evidence, strange);
    // The same question asked with the stranger in the line from the start: the shop's own weight is all they share.
    const whole = shopEvidence(question, [deeper('a', 1.1), coupon('slip', look('hole'), {}, true)]);
    const shopOnly = Math.sqrt(whole.covariance.get(0, 0));
    expect(sd).toBeCloseTo(Math.hypot(shopOnly, 0.12, 0.12, 0.06), 2);
    expect(lnRatio).toBeGreaterThan(0);
    expect(lnRatio).toBeLessThan(depthCorrection(evidence, question).lnRatio);
  });

  it('may come in any order', () => {
    const coupons = [
      coupon('a', look('even')),
      coupon('b', look('faint'), { powerW: 800, machineId: 'barrow' }),
      deeper('c', 0.9, { metal: 'lowCarbonSteel' }),
      coupon('d', { by: 'sectionThrough' }, { powerW: 1000 }),
    ];
    const answer = depthCorrection(shopEvidence(question, coupons), question);
    fc.assert(
      fc.property(fc.shuffledSubarray(coupons, { minLength: 4 }), (shuffled) => {
        expect(depthCorrection(shopEvidence(question, shuffled), question)).toEqual(answer);
      }),
    );
  });

  it('with a slip of the hand, or that hardly melted, are left out by name', () => {
    const evidence = shopEvidence(question, [
      coupon('slip', look('hole'), {}, true),
      coupon('cold', look('none'), { powerW: 20, thicknessMm: 6 }),
      coupon('good', look('even')),
    ]);
    expect(evidence.leftOut).toEqual([
      { id: 'cold', why: 'hardlyMelted' },
      { id: 'slip', why: 'slip' },
    ]);
    expect(evidence.used.map(({ id }) => id)).toEqual(['good']);
  });

  it('make the answer surer, never less sure', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.constantFrom<'none' | 'faint' | 'even' | 'heavy' | 'hole'>('none', 'faint', 'even', 'heavy'),
          {
            minLength: 1,
            maxLength: 12,
          },
        ),
        (looks) => {
          const coupons = looks.map((back, i) => coupon(`c${i}`, look(back), { powerW: 700 + 40 * i }));
          expect(depthCorrection(shopEvidence(question, coupons), question).sd).toBeLessThan(0.22);
        },
      ),
    );
  });

  it('of every sort together settle on one line, and the answer is surer than any one of them makes it', () => {
    const looks = ['none', 'faint', 'even', 'heavy'] as const;
    const coupons = Array.from({ length: 200 }, (_, i) =>
      coupon(`c${i}`, look(looks[(i * 7) % 4]!), {
        metal: (['lowCarbonSteel', 'stainless304', 'aluminium5052'] as const)[i % 3]!,
        machineId: i % 2 === 0 ? 'bench' : 'barrow',
        powerW: 500 + ((i * 37) % 1000),
        thicknessMm: 1 + (i % 5) / 2,
        rateHz: 40 + (i % 80),
        gas: i % 4 === 0 ? 'nitrogen' : 'argon',
      }),
    );
    const evidence = shopEvidence(question, coupons);
    expect(evidence.used).toHaveLength(200);
    // They fit no line: the shop is taken to scatter more, and what is said of it is wider for it, and still narrow.
    expect(disagreement(evidence)?.scatter).toBeGreaterThan(1.3);
    expect(depthCorrection(evidence, question).sd).toBeLessThan(0.1);
    for (let j = 0; j < evidence.mode.length; j++) {
      expect(Math.sqrt(evidence.covariance.get(j, j))).toBeLessThanOrEqual(evidence.line.priorSd[j]! + 1e-12);
    }
  });

  it('that contradict the model loudly still settle', () => {
    const coupons = Array.from({ length: 40 }, (_, i) => coupon(`c${i}`, look('none'), { powerW: 2400 }));
    const { lnRatio, sd } = depthCorrection(shopEvidence(question, coupons), question);
    expect(Number.isFinite(lnRatio)).toBe(true);
    expect(lnRatio).toBeLessThan(-0.3);
    expect(sd).toBeGreaterThan(0);
  });

  it('recover what a made-up machine does, and promise more only then', () => {
    const truth = 1.12;
    const coupons = Array.from({ length: 30 }, (_, i) => {
      const said = { powerW: 650 + 20 * i };
      const { reach, width } = meltKernel(weld(said).melt);
      const real = reach * truth;
      const limits = reachLimits(mm(2), width, mm(0));
      const back =
        real < 0.8
          ? 'none'
          : real < 1
            ? 'faint'
            : real < limits.hotFrom
              ? 'even'
              : real < limits.holeFrom
                ? 'heavy'
                : 'hole';
      return coupon(`c${i}`, look(back), said);
    });
    const evidence = shopEvidence(question, coupons);
    const { lnRatio, sd } = depthCorrection(evidence, question);
    expect(Math.exp(lnRatio)).toBeGreaterThan(1.08);
    expect(Math.exp(lnRatio)).toBeLessThan(1.16);
    const limits = reachLimits(mm(2), mm(2.7), mm(0));
    const best = Math.sqrt(1.6);
    const through = (spread: number) => {
      const odds = outcomeOdds(best, spread, limits);
      return odds.full + odds.hot;
    };
    expect(through(0.22)).toBeLessThan(0.75);
    expect(through(sd)).toBeGreaterThan(0.9);
    const offset = shopOffset(evidence, 'bench', 'stainless');
    expect(offset?.words).toMatch(/^1[0-4] % deeper than the model, give or take \d+ %$/);
    expect(shopOffset(evidence, 'barrow', 'stainless')).toBeNull();
  });
});

describe('what a coupon did', () => {
  it('is what the answer loses without it, to a few per cent', () => {
    const coupons = [
      coupon('a', look('even'), { powerW: 760 }),
      coupon('b', look('heavy'), { powerW: 860 }),
      deeper('c', 1.15),
      coupon('d', look('faint'), { powerW: 820 }),
      coupon('e', look('even'), { machineId: 'barrow' }),
    ];
    const question = weld();
    const evidence = shopEvidence(question, coupons);
    const all = depthCorrection(evidence, question).lnRatio;
    for (const { id, lnShift } of couponInfluence(evidence, question)) {
      const without = shopEvidence(
        question,
        coupons.filter((each) => each.id !== id),
      );
      const exact = all - depthCorrection(without, question).lnRatio;
      expect(Math.abs(lnShift - exact)).toBeLessThan(0.006 + 0.15 * Math.abs(exact));
    }
  });

  it('comes largest first', () => {
    const evidence = shopEvidence(weld(), [coupon('small', look('even')), deeper('large', 1.4)]);
    expect(couponInfluence(evidence, weld())[0]?.id).toBe('large');
  });
});

describe('what another coupon would teach', () => {
  const question = weld();
  const evidence = shopEvidence(question, []);

  it('is most near the edge of two looks and next to nothing where the look is certain', () => {
    const near = informationGain(evidence, question, weld({ powerW: 880 }));
    const certain = informationGain(evidence, question, weld({ powerW: 150 }));
    expect(near).toBeGreaterThan(0.35);
    expect(certain).toBeLessThan(0.01);
  });

  it('is less on another machine and metal, and falls as the answer is known', () => {
    const other = weld({ machineId: 'barrow', metal: 'lowCarbonSteel', powerW: 950 });
    const wide = shopEvidence(question, [
      coupon('x', look('even'), { machineId: 'barrow', metal: 'lowCarbonSteel' }),
    ]);
    expect(informationGain(wide, question, other)).toBeLessThan(informationGain(wide, question, question));
    const known = shopEvidence(
      question,
      Array.from({ length: 15 }, (_, i) => deeper(`c${i}`, 1)),
    );
    expect(informationGain(known, question, question)).toBeLessThan(
      informationGain(evidence, question, question) / 2,
    );
  });
});

describe('a finding', () => {
  const model = { thickness: mm(2), depth: mm(2), width: mm(2.7), gap: mm(0) };
  it.each([
    ['none', -Infinity, Math.log(0.8)],
    ['faint', Math.log(0.8), 0],
    ['even', 0, Math.log(1.35)],
    ['heavy', Math.log(1.35), Math.log(1.6)],
    ['hole', Math.log(1.6), Infinity],
  ] as const)('%s is an interval of the reach', (back, low, high) => {
    const interval = couponInterval(look(back), model);
    expect(interval.low).toBeCloseTo(low, 12);
    expect(interval.high).toBeCloseTo(high, 12);
  });

  it('of a section is a value, and of one that went through a bound', () => {
    const value = couponInterval({ by: 'section', depth: mm(1.8) }, model);
    expect(value.low).toBe(value.high);
    expect(value.low).toBeCloseTo(Math.log(0.9), 12);
    expect(couponInterval({ by: 'sectionThrough' }, { ...model, depth: mm(1.6) })).toEqual({
      low: -Math.log(1.6 / 2),
      high: Infinity,
    });
  });

  it('is less certain where the pace was not measured, and a section is surer than a look', () => {
    const timed = coupon('a', look('even'));
    const untimed = { ...timed, isTravelMeasured: false };
    const section = deeper('a', 1);
    expect(noiseOf(untimed)).toBeGreaterThan(noiseOf(timed) + 0.005);
    expect(noiseOf(section)).toBeLessThan(noiseOf(timed));
    expect(noiseOf(timed)).toBeGreaterThan(Math.hypot(0.12, 0.05));
    expect(noiseOf(timed)).toBeLessThan(Math.hypot(0.12, 0.15));
  });
});

describe('the interval fit', () => {
  it('of measured values is the closed form', () => {
    const number = fc.double({ min: -2, max: 2, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(number, number), { minLength: 1, maxLength: 8 }), (pairs) => {
        const sigma = 0.2;
        const rows = pairs.map(([x]) => [1, x]);
        const values = pairs.map(([, y]) => y);
        const fit = fitIntervals({
          rows: rows.map((row) => Float64Array.from(row)),
          low: values,
          high: values,
          noise: values.map(() => sigma),
          priorMean: [0.1, -0.2],
          priorSd: [0.5, 0.3],
        });
        const line = fitConjugateLine({
          rows,
          values,
          priorMean: [0.1, -0.2],
          priorVariance: [0.5 ** 2 / sigma ** 2, 0.3 ** 2 / sigma ** 2],
          shape: 3,
          rate: 1,
        });
        line.mean.forEach((mean, j) => expect(fit.mode[j]).toBeCloseTo(mean, 8));
        expect(fit.covariance.get(0, 1)).toBeCloseTo(line.variance.get(0, 1) * sigma ** 2, 8);
      }),
    );
  });

  it('of nothing is the prior, as is the closed form', () => {
    const nothing = { priorMean: [0.3], priorSd: [0.4] };
    const fit = fitIntervals({ rows: [], low: [], high: [], noise: [], ...nothing });
    expect(fit.mode[0]).toBe(0.3);
    expect(fit.covariance.get(0, 0)).toBeCloseTo(0.16, 12);
    const line = fitConjugateLine({
      rows: [],
      values: [],
      priorMean: [0],
      priorVariance: [1],
      shape: 2,
      rate: 2,
    });
    expect(predictConjugateLine(line, [1])).toEqual({
      location: 0,
      scale: Math.sqrt(2),
      degrees: 4,
      belowZero: 0.5,
    });
  });
});
