import fc from 'fast-check';
import { thresholdAlong } from '../evidence/index.js';
import { findMetal } from '../metal/index.js';
import { hertz, joule, mm, mmPerSecond, second, watt } from '../quantity/index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';
import {
  deepEnough,
  depthTimes,
  fitLampEnergy,
  joinedBetween,
  lampPrior,
  learnLamp,
  pulsedWeld,
  pulseEnergy,
  pulseLooks,
  pulseOdds,
  spotMelt,
  suggestPulses,
  type LampEnergy,
  type LampJob,
  type LampSetting,
  type PulseLook,
} from './index.js';

const ms = (value: number) => second(value / 1000);
const points = [
  { current: 100, width: ms(4), energy: joule(2.4) },
  { current: 200, width: ms(4), energy: joule(8.4) },
  { current: 300, width: ms(6), energy: joule(26) },
];
const table = fitLampEnergy(points) as LampEnergy;
const head: LampJob['head'] = {
  current: { least: 80, most: 320, step: 1 },
  width: { least: ms(0.5), most: ms(20), step: 1e-4 },
  rate: { least: hertz(0.5), most: hertz(20), step: 0.5 },
  spots: [mm(0.6), mm(0.9), mm(1.4)],
  meanPower: watt(120),
  points,
};
const spot: LampJob = {
  ...{ kind: 'spot', metal: findMetal('stainless304'), thickness: mm(0.5), under: mm(1), length: mm(50) },
  ...{ wanted: mm(0.7), head },
};
const seam: LampJob = { ...spot, kind: 'seam', thickness: mm(0.8), under: mm(0.8), wanted: mm(0.5) };
const pulse: LampSetting = { current: 180, width: ms(5), rate: hertz(5), spot: mm(0.9), travel: null };
const untried = learnLamp(table, []);

describe('the machine’s own table', () => {
  it('is met by the line, rises with current, and one point is enough', () => {
    for (const point of points) expect(pulseEnergy(table, point) / point.energy).toBeCloseTo(1, 0);
    const one = fitLampEnergy([points[1]!])!;
    expect(pulseEnergy(one, points[1]!)).toBeCloseTo(8.4);
    expect(pulseEnergy(one, { current: 220, width: ms(4) })).toBeGreaterThan(8.4);
    expect(one.exponent).toBeCloseTo(1.8);
    expect(fitLampEnergy([])).toBeNull();
  });
});

describe('what a pulse melts', () => {
  const depth = (energy: number, width = 5, spotMm = 0.9) =>
    spotMelt(spot.metal, energy, { width: ms(width), spot: mm(spotMm) }).depth;

  it('is never less with more energy, and nothing below the energy that melts the face', () => {
    const energy = fc.double({ min: 0.1, max: 60, noNaN: true });
    fc.assert(
      fc.property(energy, energy, (a, b) =>
        expect(depth(Math.max(a, b))).toBeGreaterThanOrEqual(depth(Math.min(a, b)) - 2e-6),
      ),
    );
    expect(depth(0.1)).toBe(0);
  });

  it('is deeper where it was warm, and a copper face melts less than a steel one', () => {
    const copper = spotMelt(findMetal('copper'), 10, { width: ms(5), spot: mm(0.9) });
    expect(copper.depth).toBeLessThan(depth(10));
    const seamWeld = (rate: number) =>
      pulsedWeld(seam, { ...pulse, rate: hertz(rate), travel: mmPerSecond(0.3 * rate) }, table);
    expect(seamWeld(10).warmth).toBeGreaterThan(seamWeld(2).warmth);
    expect(seamWeld(10).depth).toBeGreaterThan(seamWeld(2).depth);
  });

  it('bores where the light is dense enough for a keyhole', () => {
    expect(depth(8, 2, 0.3)).toBeGreaterThan(3 * depth(8, 2, 0.9));
  });
});

describe('odds of a pulsed weld', () => {
  it('sum to one; more overlap never holds less', () => {
    const pace = fc.double({ min: 0.2, max: 4, noNaN: true });
    fc.assert(
      fc.property(pace, pace, fc.integer({ min: 90, max: 310 }), (a, b, current) => {
        const at = (mmS: number) => ({ ...pulse, current, travel: mmPerSecond(mmS) });
        const odds = pulseOdds(untried, table, seam, pulsedWeld(seam, at(a), table));
        expect(pulseLooks.reduce((sum, look) => sum + odds[look], 0)).toBeCloseTo(1, 12);
        expect(pulseLooks.every((look) => odds[look] >= 0)).toBe(true);
        expect(pulsedWeld(seam, at(Math.min(a, b)), table).holds).toBeGreaterThanOrEqual(
          pulsedWeld(seam, at(Math.max(a, b)), table).holds,
        );
      }),
    );
  });
});

describe('over 200 simulated shops', () => {
  const isHeld = (seed: number, row: 0 | 1): boolean => {
    const random = numberStream(seed);
    const truth = lampPrior.sd.map((sd, i) => (lampPrior.mean[i] ?? 0) + sd * gaussian(random)) as [
      number,
      number,
    ];
    const coupons = Array.from({ length: 4 + Math.floor(16 * random()) }, () => {
      const setting = {
        ...pulse,
        current: 110 + 190 * random(),
        width: ms(2 + 10 * random()),
        spot: mm(0.6 + 0.6 * random()),
      };
      const { holds, depth, dense } = pulsedWeld(spot, setting, table);
      const { from, to } = joinedBetween(spot);
      const real = Math.exp(truth[0] + 0.12 * gaussian(random));
      const reached: PulseLook = depth * real >= to ? 'through' : holds * real >= from ? 'joined' : 'loose';
      const isBlown = Math.log(dense) + 0.12 * gaussian(random) > truth[1];
      return { job: spot, setting, look: isBlown ? 'blown' : reached, isElsewhere: false } as const;
    });
    const found = thresholdAlong(learnLamp(table, coupons), row === 0 ? [1, 0] : [0, 1]);
    return Math.abs(found.mean - truth[row]) <= 1.2815515655446004 * found.sd;
  };

  it.each([
    ['depth', 0],
    ['spatter', 1],
  ] as const)('the 80 %% interval holds the hidden %s about as often as it says', (_, row) => {
    const held = Array.from({ length: 200 }, (__, i) => isHeld(700 + 59 * i, row));
    const share = held.filter(Boolean).length / held.length;
    expect(share).toBeGreaterThanOrEqual(0.72);
    expect(share).toBeLessThanOrEqual(0.88);
  });
});

describe('what is suggested', () => {
  it('for a spot stands still, holds, and can be repeated', () => {
    const found = suggestPulses(spot, untried, table)!;
    expect(found.travel).toBeNull();
    expect(deepEnough(untried, table, spot, pulsedWeld(spot, found, table))).toBeGreaterThan(0.6);
    expect(pulsedWeld(spot, found, table).meanPower).toBeLessThanOrEqual(120);
  });

  it('for a seam overlaps its spots and does not spit more than it must', () => {
    const found = suggestPulses(seam, untried, table)!;
    const weld = pulsedWeld(seam, found, table);
    expect(weld.overlap).toBeGreaterThan(0.4);
    expect(pulseOdds(untried, table, seam, weld).blown).toBeLessThan(0.25);
  });

  it.each([
    [0.5, 0.3],
    [0.8, 0.5],
    [0.3, 0.2],
    [1.5, 0.5],
  ])('for a seam in %f mm that is wanted %f mm deep seldom shows behind', (thick, wanted) => {
    const job = { ...seam, thickness: mm(thick), wanted: mm(wanted) };
    const odds = pulseOdds(untried, table, job, pulsedWeld(job, suggestPulses(job, untried, table)!, table));
    expect(odds.through).toBeLessThan(odds.joined);
  });

  it('goes to the back where all of the sheet is wanted', () => {
    const strong = { ...head, meanPower: watt(300) };
    const job = { ...seam, thickness: mm(0.8), wanted: mm(0.8), head: strong };
    const weld = pulsedWeld(job, suggestPulses(job, untried, table)!, table);
    expect(weld.holds).toBeGreaterThan(0.8e-3);
  });

  it('says deeper of what is computed after welds that came through, with a narrower band', () => {
    const through = {
      job: spot,
      setting: suggestPulses(spot, untried, table)!,
      look: 'through',
      isElsewhere: false,
    } as const;
    const after = depthTimes(learnLamp(table, [through, through, through]));
    const before = depthTimes(untried);
    expect(after.middle).toBeGreaterThan(before.middle);
    expect(after.high / after.low).toBeLessThan(before.high / before.low);
  });

  it('turns up after loose spots and down after blown ones', () => {
    const first = suggestPulses(spot, untried, table)!;
    const after = (look: PulseLook) => {
      const coupons = Array.from({ length: 5 }, () => ({
        job: spot,
        setting: first,
        look,
        isElsewhere: false,
      }));
      const next = suggestPulses(spot, learnLamp(table, coupons), table)!;
      return pulsedWeld(spot, next, table);
    };
    expect(after('loose').depth).toBeGreaterThan(pulsedWeld(spot, first, table).depth);
    expect(after('blown').dense).toBeLessThan(pulsedWeld(spot, first, table).dense);
  });

  it('of what it cannot melt is the nearest to it, not the smallest', () => {
    const copper = { ...spot, metal: findMetal('copper') };
    expect(suggestPulses(copper, untried, table)!.current).toBeGreaterThan(250);
  });

  it('is none where no pulse can be repeated within the lamp’s mean power', () => {
    const weak = { ...spot, head: { ...head, meanPower: watt(0.1) } };
    expect(suggestPulses(weak, untried, table)).toBeNull();
  });
});
