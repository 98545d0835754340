import fc from 'fast-check';
import { thresholdAlong } from '../evidence/index.js';
import { findMetal } from '../metal/index.js';
import { barGauge, fraction, hertz, metre, mm, mmPerSecond, radian, watt } from '../quantity/index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';
import {
  cutAims,
  cutFigures,
  cutPrior,
  hazardBehind,
  learnCut,
  likelyLimit,
  pieceLooks,
  pieceOdds,
  suggestCut,
  type CutJob,
  type CutPiece,
  type CutSetting,
  type PieceLook,
} from './index.js';

const head: CutJob['head'] = {
  power: { least: watt(150), most: watt(1500), step: 15 },
  duty: { least: fraction(0.1), most: fraction(1), step: 0.01 },
  pulses: { least: hertz(50), most: hertz(5000), step: 50 },
  spot: mm(0.15),
};
const job: CutJob = {
  ...{
    metal: findMetal('lowCarbonSteel'),
    thickness: mm(1.5),
    gas: 'air',
    pressure: barGauge(8),
    bore: mm(1.2),
  },
  ...{ supply: null, line: 'straight', length: metre(0.4), aim: 'clean', head },
};
const setting: CutSetting = {
  ...{
    power: watt(900),
    duty: fraction(1),
    pulses: null,
    travel: mmPerSecond(12),
    focus: mm(0),
    standoff: mm(1),
  },
};
const untried = learnCut([]);
const size = fc.double({ min: 0.3, max: 8, noNaN: true });

describe('a cut', () => {
  it('is never faster in thicker sheet, and never slower with more power', () => {
    fc.assert(
      fc.property(size, size, (a, b) => {
        const limit = (mmThick: number, watts = 900) =>
          cutFigures({ ...job, thickness: mm(mmThick) }, { ...setting, power: watt(watts) }).energyLimit;
        const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
        expect(limit(thin)).toBeGreaterThanOrEqual(limit(thick) - 1e-6);
        expect(limit(2, thick * 180)).toBeGreaterThanOrEqual(limit(2, thin * 180) - 1e-6);
      }),
    );
  });

  it('passes more air through a wider bore and at more pressure', () => {
    const flow = (bar: number, bore: number) =>
      cutFigures({ ...job, pressure: barGauge(bar), bore: mm(bore) }, setting).flow;
    expect(flow(8, 1.5)).toBeGreaterThan(flow(8, 1.2));
    expect(flow(10, 1.2)).toBeGreaterThan(flow(8, 1.2));
  });

  it('sends on what the kerf does not take, and that far', () => {
    expect(cutFigures(job, setting).behind).toBeCloseTo(900 * 0.55);
    const beam = { power: watt(900), divergence: radian(0.06), exitDiameter: mm(4) };
    expect(hazardBehind(beam)).toBeGreaterThan(70);
    expect(Number.isInteger(hazardBehind(beam))).toBe(true);
  });
});

describe('odds of a piece', () => {
  it('sum to one; quicker is never less likely to throw sparks up, more pressure never less likely to cut clean', () => {
    const pace = fc.double({ min: 1, max: 80, noNaN: true });
    fc.assert(
      fc.property(pace, pace, fc.double({ min: 2, max: 12, noNaN: true }), (a, b, bar) => {
        const at = (mmS: number, pressure = bar) =>
          pieceOdds(
            untried,
            { ...job, pressure: barGauge(pressure) },
            { ...setting, travel: mmPerSecond(mmS) },
          );
        const [slow, quick] = [at(Math.min(a, b)), at(Math.max(a, b))];
        expect(pieceLooks.reduce((sum, look) => sum + slow[look], 0)).toBeCloseTo(1, 12);
        expect(pieceLooks.every((look) => slow[look] >= 0)).toBe(true);
        expect(quick.sparksUp).toBeGreaterThanOrEqual(slow.sparksUp);
        expect(at(a, bar + 1).through).toBeGreaterThanOrEqual(at(a).through);
      }),
    );
  });
});

describe('pieces of the shop', () => {
  const piece = (look: PieceLook, isElsewhere = false): CutPiece => ({ job, setting, look, isElsewhere });

  it('bring the limit down after sparks, and up after cuts that went through', () => {
    const limit = (...pieces: CutPiece[]) => likelyLimit(learnCut(pieces), job, setting).middle;
    const quick = { ...piece('through'), setting: { ...setting, travel: mmPerSecond(60) } };
    expect(limit(piece('sparksUp'))).toBeLessThan(limit());
    expect(limit(quick)).toBeGreaterThan(limit());
    expect(limit(piece('sparksUp', true))).toBeGreaterThan(limit(piece('sparksUp')));
  });

  it('ask for more push after beards and welded kerfs', () => {
    const needed = (...pieces: CutPiece[]) => thresholdAlong(learnCut(pieces), [0, 1]).mean;
    expect(needed(piece('weldedShut'))).toBeGreaterThan(needed(piece('beard')));
    expect(needed(piece('beard'))).toBeGreaterThan(needed(piece('through')));
  });
});

describe('over 200 simulated shops', () => {
  const isHeld = (seed: number, row: 0 | 1): boolean => {
    const random = numberStream(seed);
    const truth = cutPrior.sd.map((sd) => sd * gaussian(random)) as [number, number];
    const pieces = Array.from({ length: 4 + Math.floor(16 * random()) }, () => {
      const tried = { ...job, thickness: mm(0.8 + 2.5 * random()), pressure: barGauge(3 + 8 * random()) };
      const { energyLimit, push } = cutFigures(tried, setting);
      const travel = mmPerSecond(energyLimit * 1000 * Math.exp(-0.5 + 0.9 * random()));
      const dialled = { ...setting, travel };
      const share = travel / energyLimit;
      const isQuick = Math.log(share) + 0.12 * gaussian(random) > truth[0];
      const slow = 0.5 * Math.max(0, Math.log(0.55 / share));
      const short = truth[1] - (Math.log(push) - slow + 0.12 * gaussian(random));
      const blown = short < 0 ? 'through' : short < 0.6 ? 'beard' : 'weldedShut';
      return {
        job: tried,
        setting: dialled,
        look: isQuick ? 'sparksUp' : blown,
        isElsewhere: false,
      } as const;
    });
    const found = thresholdAlong(learnCut(pieces), row === 0 ? [1, 0] : [0, 1]);
    return Math.abs(found.mean - truth[row]) <= 1.2815515655446004 * found.sd;
  };

  it.each([
    ['speed', 0],
    ['push', 1],
  ] as const)('the 80 %% interval holds the hidden limit of %s about as often as it says', (_, row) => {
    const held = Array.from({ length: 200 }, (__, i) => isHeld(900 + 53 * i, row));
    const share = held.filter(Boolean).length / held.length;
    expect(share).toBeGreaterThanOrEqual(0.72);
    expect(share).toBeLessThanOrEqual(0.88);
  });
});

describe('what is suggested', () => {
  it.each(cutAims)('for %s is in the machine’s steps and a pace that a hand holds', (aim) => {
    const { power, travel } = suggestCut({ ...job, aim }, untried);
    expect((power - 150) % 15).toBeCloseTo(0);
    expect(travel).toBeLessThanOrEqual(0.026);
  });

  it('puts less heat into a metre where that is asked, and is slower round than straight', () => {
    const heat = (aim: CutJob['aim']) => {
      const { power, duty, travel } = suggestCut({ ...job, aim }, untried);
      return (power * duty) / travel;
    };
    expect(heat('cool')).toBeLessThanOrEqual(heat('quick'));
    const round = suggestCut({ ...job, line: 'round', aim: 'quick' }, untried);
    expect(round.travel).toBeLessThan(suggestCut({ ...job, aim: 'quick' }, untried).travel);
  });

  it('of a sheet that it cannot cut is the nearest to a cut, not the coolest', () => {
    const copper = { ...job, metal: findMetal('copper'), thickness: mm(6), aim: 'cool' } as const;
    expect(suggestCut(copper, untried).power).toBe(1500);
    expect(pieceOdds(untried, copper, suggestCut(copper, untried)).sparksUp).toBeGreaterThan(0.95);
  });

  it('turns up or slows down after sparks went up', () => {
    const first = suggestCut(job, untried);
    const sparks = learnCut(
      Array.from({ length: 4 }, () => ({ job, setting: first, look: 'sparksUp', isElsewhere: false })),
    );
    const next = suggestCut(job, sparks);
    expect((next.power * next.duty) / next.travel).toBeGreaterThan((first.power * first.duty) / first.travel);
  });
});
