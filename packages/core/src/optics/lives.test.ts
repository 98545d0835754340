import fc from 'fast-check';
import { joule } from '../quantity/index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';
import {
  documentedPowers,
  fitDoseWeights,
  fittingDoseWeights,
  fitWeibullLife,
  lifeByCause,
  lifeDifferences,
  logRank,
  survivalBand,
  survivalCurve,
  upkeepDue,
  type BorneLight,
  type GroupedService,
} from './index.js';

const random = numberStream(5);
/** A life drawn from a Weibull distribution. */
const drawLife = (shape: number, scale: number) => scale * (-Math.log1p(-random())) ** (1 / shape);
const services = fc.array(fc.record({ duration: fc.integer({ min: 1, max: 60 }), failed: fc.boolean() }), {
  minLength: 1,
  maxLength: 40,
});

describe('the band of the survival curve', () => {
  it('goes round the plain curve, ties and all, and stays between 0 and 1', () => {
    fc.assert(
      fc.property(services, (all) => {
        const band = survivalBand(all);
        expect(band.map(({ duration, surviving }) => ({ duration, surviving }))).toEqual(
          survivalCurve(all).map(({ duration, surviving }) => ({
            duration,
            surviving: expect.closeTo(surviving, 9) as number,
          })),
        );
        for (const { low, surviving, high } of band) {
          expect(low).toBeGreaterThanOrEqual(0);
          expect(low).toBeLessThanOrEqual(surviving + 1e-12);
          expect(high).toBeGreaterThanOrEqual(surviving - 1e-12);
          expect(high).toBeLessThanOrEqual(1);
        }
      }),
    );
  });

  it('holds the truth about as often as it says', () => {
    const trueAt = (t: number) => Math.exp(-((t / 50) ** 2));
    let held = 0;
    for (let run = 0; run < 400; run++) {
      const all = Array.from({ length: 60 }, () => ({ duration: drawLife(2, 50), failed: true }));
      const step = survivalBand(all).findLast(({ duration }) => duration <= 45);
      if (step !== undefined && step.low <= trueAt(45) && trueAt(45) <= step.high) held++;
    }
    expect(held / 400).toBeGreaterThan(0.92);
    expect(held / 400).toBeLessThan(0.98);
  });
});

describe('lives by cause', () => {
  it('finds each cause’s own life again where both end windows', () => {
    const all = Array.from({ length: 2000 }, () => {
      const [dirt, light] = [drawLife(2, 60), drawLife(1, 150)];
      return {
        duration: Math.min(dirt, light),
        cause: dirt < light ? ('dirt' as const) : ('light' as const),
      };
    });
    const [dirt, light] = lifeByCause(all);
    expect(dirt?.cause).toBe('dirt');
    expect((dirt?.life.scale ?? 0) / 60).toBeCloseTo(1, 1);
    expect(dirt?.life.shape).toBeCloseTo(2, 0);
    expect((light?.life.scale ?? 0) / 150).toBeCloseTo(1, 0);
    expect((dirt?.failures ?? 0) + (light?.failures ?? 0)).toBe(2000);
  });
});

describe('the log-rank test', () => {
  const of = (group: string, scale: number, count = 40): GroupedService[] =>
    Array.from({ length: count }, () => ({ duration: drawLife(2, scale), failed: random() < 0.8, group }));

  it('agrees with adding it up by hand', () => {
    const told = logRank([
      ...[4, 6, 9, 12, 13].map((duration) => ({ duration, failed: true, group: 'a' })),
      ...[5, 14, 20, 22, 24].map((duration) => ({ duration, failed: true, group: 'b' })),
    ]);
    // At risk in each group just before each failure, as long as both have some.
    const risk = [
      [5, 5],
      [4, 5],
      [4, 4],
      [3, 4],
      [2, 4],
      [1, 4],
    ] as const;
    const expected = risk.reduce((sum, [a, b]) => sum + a / (a + b), 0);
    const variance = risk.reduce((sum, [a, b]) => sum + (a * b) / (a + b) ** 2, 0);
    expect(told.groups[0]).toMatchObject({ group: 'a', failures: 5, expected: expect.closeTo(expected, 12) });
    expect(told).toMatchObject({ told: true, degreesOfFreedom: 1 });
    expect(told.told && told.chiSquare).toBeCloseTo((5 - expected) ** 2 / variance, 9);
  });

  it('cries wolf about as often as its chance says where nothing differs', () => {
    let cried = 0;
    for (let run = 0; run < 400; run++) {
      const told = logRank([...of('a', 50), ...of('b', 50), ...of('c', 50)]);
      if (told.told && told.p < 0.05) cried++;
    }
    expect(cried / 400).toBeGreaterThan(0.02);
    expect(cried / 400).toBeLessThan(0.09);
  });

  it('sees a group that lasts half as long, and says “too few” of a handful', () => {
    const told = logRank([...of('short', 25), ...of('usual', 50)]);
    expect(told.told && told.p).toBeLessThan(0.001);
    expect(logRank([...of('short', 25, 2), ...of('usual', 50, 3)]).told).toBe(false);
    expect(logRank(of('alone', 50)).told).toBe(false);
  });

  it('leaves out a group that is too small, and compares the rest', () => {
    const told = logRank([...of('short', 25), ...of('usual', 50), ...of('new', 50, 1)]);
    expect(told.groups.map(({ group }) => group)).toEqual(['short', 'usual']);
  });

  it('leaves out a group that was taken away before it could be expected to fail', () => {
    const early = Array.from({ length: 8 }, () => ({ duration: 0.001, failed: false, group: 'early' }));
    const told = logRank([...of('short', 25), ...of('usual', 50), ...early]);
    expect(told.groups.map(({ group }) => group)).toEqual(['short', 'usual']);
  });
});

describe('what shortens lives', () => {
  /** Upright guns halve the life; one person holds it upright more often than the others; the day matters not. */
  const windows = () =>
    Array.from({ length: 240 }, (_, i) => {
      const person = ['one', 'two', 'three'][i % 3] ?? '';
      const isUpright = random() < (person === 'three' ? 0.75 : 0.2);
      return {
        duration: drawLife(2, isUpright ? 25 : 50),
        failed: random() < 0.85,
        levels: { angle: isUpright ? 'upright' : 'leaning', person, day: ['a', 'b', 'c'][i % 7] ?? null },
      };
    });

  it('names the habit and not once more the person who has it', () => {
    const all = windows();
    const { comparisons, shortenings } = lifeDifferences(all, [['day', 'angle'], ['person']]);
    const [first, ...others] = shortenings;
    expect(first).toMatchObject({ factor: 'angle', worst: { level: 'upright' } });
    expect(first?.worst.ratio).toBeGreaterThan(2);
    expect(first?.excess).toBeGreaterThan(20);
    expect(others).toEqual([]);
    const chanceOf = (name: string) => comparisons.find(({ factor }) => factor === name)?.p;
    expect(chanceOf('person')).toBeLessThan(0.05);
    expect(chanceOf('day')).toBeGreaterThan(0.05);
  });

  it('finds nothing in nothing, nineteen times of twenty however many factors are looked at', () => {
    let found = 0;
    for (let run = 0; run < 120; run++) {
      const all = Array.from({ length: 80 }, () => ({
        ...{ duration: drawLife(1.8, 40), failed: true },
        levels: { a: pick(), b: pick(), c: pick(), d: pick(), e: pick(), f: pick() },
      }));
      if (lifeDifferences(all, [['a', 'b', 'c', 'd', 'e', 'f']]).shortenings.length > 0) found++;
    }
    expect(found / 120).toBeLessThan(0.1);
  });

  it('names four at most, and says each level against all others', () => {
    const harms = ['a', 'b', 'c', 'd', 'e'] as const;
    const all = Array.from({ length: 900 }, () => {
      const has = harms.map(() => random() < 0.4);
      const scale = has.reduce((life, bad) => (bad ? life / 2 : life), 80);
      const levels = Object.fromEntries(harms.map((harm, i) => [harm, has[i] === true ? 'bad' : 'good']));
      return {
        duration: drawLife(2, scale),
        failed: true,
        levels: levels as Record<(typeof harms)[number], string>,
      };
    });
    const { shortenings, comparisons } = lifeDifferences(all, [harms]);
    expect(shortenings).toHaveLength(4);
    for (const { worst, excess } of shortenings) {
      expect(worst.level).toBe('bad');
      expect(excess).toBeCloseTo(worst.failures * (1 - 1 / worst.ratio), 9);
    }
    for (const { levels } of comparisons) {
      expect(levels.map(({ level }) => level)).toEqual(['bad', 'good']);
      expect((levels[0]?.ratio ?? 0) * (levels[1]?.ratio ?? 0)).toBeCloseTo(1, 6);
    }
  });

  it('says a number where none of the others failed', () => {
    const all = Array.from({ length: 40 }, (_, i) => ({
      duration: i % 2 === 0 ? 5 + i : 60,
      failed: i % 2 === 0,
      levels: { gas: i % 2 === 0 ? 'wet' : 'dry' },
    }));
    const [found] = lifeDifferences(all, [['gas']]).shortenings;
    expect(found?.worst.level).toBe('wet');
    expect(found?.worst.ratio).toBeGreaterThan(20);
    expect(found?.excess).toBeLessThan(20);
    expect(Number.isFinite(found?.worst.ratio)).toBe(true);
  });

  it('does not mind the order that windows are told in, nor the unit of their use', () => {
    const all = windows();
    const told = lifeDifferences(all, [['day', 'angle'], ['person']]);
    const other = all.map((each) => ({ ...each, duration: each.duration * 3600 })).toReversed();
    const again = lifeDifferences(other, [['day', 'angle'], ['person']]);
    told.comparisons.forEach(({ p }, i) => expect(again.comparisons[i]?.p).toBeCloseTo(p ?? 0, 9));
    expect(again.shortenings.map(({ factor }) => factor)).toEqual(
      told.shortenings.map(({ factor }) => factor),
    );
  });

  it('says nothing of a factor that nobody knows', () => {
    const all = windows().map((each) => ({ ...each, levels: { ...each.levels, day: null } }));
    expect(lifeDifferences(all, [['day']])).toEqual({
      comparisons: [{ factor: 'day', levels: [], p: null }],
      shortenings: [],
    });
  });

  const pick = () => (random() < 0.5 ? 'x' : 'y');
});

describe('fitted weights', () => {
  /** Windows that fail at a dose with the powers that are true. */
  const borne = (angle: number, count = 150): BorneLight[] =>
    Array.from({ length: count }, () => {
      const weights = {
        metal: 0.9 + 0.4 * random(),
        angle: 0.7 + 0.8 * random(),
        power: 0.7 + 0.7 * random(),
      };
      const perLight = weights.metal * weights.angle ** angle * weights.power;
      return { failed: true, stretches: [{ light: joule(drawLife(3, 100) / perLight), weights }] };
    });

  it('come near those that are true, and stay where they were with few failures', () => {
    const { powers, sd, failures } = fitDoseWeights(borne(2.2));
    expect(failures).toBe(150);
    expect(Math.abs(powers.angle - 2.2)).toBeLessThan(3 * sd.angle);
    expect(powers.angle).toBeGreaterThan(1.6);
    expect(sd.angle).toBeLessThan(0.3);
    const few = fitDoseWeights(borne(2.2, 8));
    expect(few.sd.angle).toBeGreaterThan(sd.angle);
    expect(() => fitDoseWeights(borne(1, 7))).toThrow('windows that failed 7');
  });

  it('are found in many steps, the same as at once', () => {
    const windows = borne(1.4, 30);
    const fitting = fittingDoseWeights(windows);
    let steps = 0;
    let step = fitting.next();
    for (; step.done !== true; step = fitting.next()) steps += 1;
    expect(steps).toBeGreaterThan(40);
    expect(step.value).toEqual(fitDoseWeights(windows));
    expect(() => fittingDoseWeights(borne(1, 7)).next()).toThrow('windows that failed 7');
  });

  it('do not move where the documented ones are true', () => {
    const { powers, sd } = fitDoseWeights(borne(documentedPowers.angle));
    for (const key of ['metal', 'angle', 'power'] as const)
      expect(Math.abs(powers[key] - 1)).toBeLessThan(3 * sd[key]);
  });

  it('are no better for counting a window’s light in other units', () => {
    const all = borne(1.5, 40).map((each, i) => ({ ...each, failed: i % 5 !== 0 }));
    const milli = all.map(({ failed, stretches }) => ({
      failed,
      stretches: stretches.map(({ light, weights }) => ({ light: joule(light / 1000), weights })),
    }));
    expect(fitDoseWeights(milli).powers.angle).toBeCloseTo(fitDoseWeights(all).powers.angle, 6);
    expect(
      fitWeibullLife([{ duration: Math.abs(gaussian(random)) + 1, failed: true }]).scale,
    ).toBeGreaterThan(0);
  });
});

describe('upkeep', () => {
  const meters = {
    ...{ daysSince: 40, lightHoursSince: 15, countSince: 90 },
    ...{ lightHoursPerDay: 0.5, countPerDay: 3 },
  };
  it('is due by date, by light, by count, or never by itself', () => {
    expect(upkeepDue({ by: 'date', days: 30 }, meters)).toEqual({ share: 40 / 30, days: -10 });
    expect(upkeepDue({ by: 'lightHours', hours: 20 }, meters)).toEqual({ share: 0.75, days: 10 });
    expect(upkeepDue({ by: 'count', count: 120 }, meters)).toEqual({ share: 0.75, days: 10 });
    expect(upkeepDue({ by: 'condition' }, meters)).toEqual({ share: Number.NaN, days: null });
  });

  it('has no day where the machine stands, unless it is due already', () => {
    const standing = { ...meters, lightHoursPerDay: 0, countPerDay: 0 };
    expect(upkeepDue({ by: 'lightHours', hours: 20 }, standing).days).toBeNull();
    expect(upkeepDue({ by: 'lightHours', hours: 10 }, standing).days).toBeLessThan(0);
    expect(() => upkeepDue({ by: 'date', days: 0 }, meters)).toThrow('days 0');
  });
});
