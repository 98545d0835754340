import fc from 'fast-check';
import { findMetal } from '../metal/index.js';
import { degree, second, watt } from '../quantity/index.js';
import {
  chanceToLast,
  drawerStock,
  fitWeibullLife,
  lifeReachedBy,
  meanLife,
  survivalCurve,
  windowDose,
} from './index.js';

const service = fc.record({
  duration: fc.double({ min: 1, max: 2000, noNaN: true }),
  failed: fc.boolean(),
});
const services = fc.array(service, { minLength: 1, maxLength: 12 });

describe('the survival curve', () => {
  it('is the plain share left where nothing is censored', () => {
    const curve = survivalCurve([30, 10, 20, 20].map((duration) => ({ duration, failed: true })));
    expect(curve.map(({ duration }) => duration)).toEqual([10, 20, 30]);
    expect(curve.map(({ surviving }) => surviving)).toEqual([0.75, expect.closeTo(0.25, 12), 0]);
  });

  it('never rises, and is never lowered by a window that is kept in use longer', () => {
    fc.assert(
      fc.property(services, fc.nat(), fc.double({ min: 0, max: 500, noNaN: true }), (all, pick, more) => {
        const curve = survivalCurve(all);
        curve.slice(1).forEach((step, i) => {
          expect(step.surviving).toBeLessThanOrEqual(curve[i]!.surviving);
        });
        const kept = all.map((each, i) =>
          i === pick % all.length && !each.failed ? { ...each, duration: each.duration + more } : each,
        );
        survivalCurve(kept).forEach((step, i) => {
          expect(step.surviving).toBeGreaterThanOrEqual(curve[i]!.surviving - 1e-12);
        });
      }),
    );
  });

  it('refuses a life of nothing', () => {
    expect(() => survivalCurve([{ duration: 0, failed: true }])).toThrow('time in service 0');
    expect(() => fitWeibullLife([{ duration: NaN, failed: false }])).toThrow('time in service NaN');
  });
});

describe('the Weibull life', () => {
  it('does not mind the unit that lives are counted in', () => {
    fc.assert(
      fc.property(services, fc.double({ min: 0.01, max: 100, noNaN: true }), (all, unit) => {
        const life = fitWeibullLife(all);
        const other = fitWeibullLife(all.map((each) => ({ ...each, duration: each.duration * unit })));
        expect(other.shape / life.shape).toBeCloseTo(1, 6);
        expect(other.scale / life.scale / unit).toBeCloseTo(1, 6);
      }),
    );
  });

  it.each([
    ['the services alone decide', [120, 90, 200, 150, 260], 4, 'services'],
    ['two have failed and the prior helps', [120, 90, 200, 150, 260], 2, 'servicesAndPrior'],
    ['one has failed and the prior leads', [40, 90, 200], 1, 'servicesAndPrior'],
  ] as const)('has no better neighbour where %s', (_, durations, failures, restsOn) => {
    const all = durations.map((duration, i) => ({ duration, failed: i < failures }));
    const life = fitWeibullLife(all);
    expect(life.restsOn).toBe(restsOn);
    const likelihood = (shape: number, scale: number) =>
      all.reduce((sum, { duration, failed }) => {
        const z = (duration / scale) ** shape;
        return sum - z + (failed ? Math.log(shape / scale) + (shape - 1) * Math.log(duration / scale) : 0);
      }, 0);
    expect(life.logLikelihood).toBeCloseTo(likelihood(life.shape, life.scale), 9);
    const prior = (shape: number) =>
      restsOn === 'services' ? 0 : -0.5 * ((Math.log(shape) - Math.log(1.5)) / 0.4) ** 2;
    const worth = (shape: number, scale: number) => likelihood(shape, scale) + prior(shape);
    const here = worth(life.shape, life.scale);
    for (const [byShape, byScale] of [
      [1.01, 1],
      [0.99, 1],
      [1, 1.01],
      [1, 0.99],
    ] as const) {
      expect(worth(life.shape * byShape, life.scale * byScale)).toBeLessThan(here);
    }
    // How wide the top is, by second differences of the same.
    const [h, s, t] = [1e-3, Math.log(life.shape), Math.log(life.scale)];
    const at = (i: number, j: number) => worth(Math.exp(s + i * h), Math.exp(t + j * h));
    const bend = (i: number, j: number) => (2 * here - at(i, j) - at(-i, -j)) / (h * h);
    const [shapeBend, scaleBend] = [bend(1, 0), bend(0, 1)];
    const both = (bend(1, 1) - shapeBend - scaleBend) / 2;
    const determinant = shapeBend * scaleBend - both * both;
    expect(life.seLogShape / Math.sqrt(scaleBend / determinant)).toBeCloseTo(1, 3);
    expect(life.seLogScale / Math.sqrt(shapeBend / determinant)).toBeCloseTo(1, 3);
  });

  it('says that it leans on the prior with fewer than three failures, and on less with none', () => {
    const two = fitWeibullLife([100, 140, 60].map((duration, i) => ({ duration, failed: i < 2 })));
    expect(two.restsOn).toBe('servicesAndPrior');
    expect(two.shape).toBeGreaterThan(1);
    expect(two.shape).toBeLessThan(4);
    const none = fitWeibullLife([100, 140].map((duration) => ({ duration, failed: false })));
    expect(none.restsOn).toBe('noFailureYet');
    expect(none.shape).toBeCloseTo(1.5, 12);
    const allLasted = [100, 140].reduce((chance, t) => chance * Math.exp(-((t / none.scale) ** 1.5)), 1);
    expect(allLasted).toBeCloseTo(0.5, 9);
  });

  it('answers how long, how likely and on average', () => {
    const life = { shape: 1.8, scale: 1000 };
    const tenth = lifeReachedBy(life, 0.1);
    expect(chanceToLast(life, 0, tenth)).toBeCloseTo(0.9, 12);
    expect(chanceToLast(life, 800, 200)).toBeLessThan(chanceToLast(life, 100, 200));
    expect(meanLife({ shape: 1, scale: 700 })).toBeCloseTo(700, 6);
  });
});

describe('what wears a window', () => {
  const minute = {
    metal: findMetal('lowCarbonSteel'),
    lightOn: second(60),
    meanPower: watt(1000),
    zincCoat: 0,
  };
  it('is more than its light where the gun stands upright, the metal reflects, zinc boils or the power is high', () => {
    const usual = windowDose({ ...minute, gunAngle: degree(45) });
    expect(usual.weighted).toBeCloseTo(60_000, 6);
    expect(windowDose({ ...minute, gunAngle: degree(90) }).weighted).toBeCloseTo(90_000, 6);
    const copper = windowDose({ ...minute, metal: findMetal('copper'), gunAngle: degree(45) });
    expect(copper.weighted).toBeCloseTo(78_000, 6);
    expect(windowDose({ ...minute, gunAngle: degree(45), zincCoat: 140 }).weighted).toBeCloseTo(90_000, 6);
    const strong = windowDose({ ...minute, meanPower: watt(2000), gunAngle: degree(45) });
    expect(strong.weighted / strong.light).toBeCloseTo(Math.SQRT2, 9);
  });
});

describe('the drawer', () => {
  it('holds more for a surer service, a slower delivery and a shorter life', () => {
    const usual = { meanLife: 20, usePerDay: 2, deliveryDays: 10, serviceLevel: 0.95 };
    const { reorderAt, chance, expectedInDelivery } = drawerStock(usual);
    expect(expectedInDelivery).toBe(1);
    expect(chance).toBeGreaterThanOrEqual(0.95);
    expect(Math.exp(-1) * (1 + 1 + 1 / 2)).toBeLessThan(0.95);
    expect(reorderAt).toBe(3);
    expect(drawerStock({ ...usual, serviceLevel: 0.99 }).reorderAt).toBeGreaterThan(reorderAt);
    expect(drawerStock({ ...usual, deliveryDays: 30 }).reorderAt).toBeGreaterThan(reorderAt);
    expect(() => drawerStock({ ...usual, serviceLevel: 1 })).toThrow('service level 1');
    expect(() => drawerStock({ ...usual, meanLife: 0 })).toThrow('mean life 0');
  });
});
