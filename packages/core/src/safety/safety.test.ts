import fc from 'fast-check';
import { barGauge, degree, fraction, inBar, litre, mm, radian, watt } from '../quantity/index.js';
import {
  airEnergy,
  beamFromDataSheet,
  diffuseHazardDistance,
  gaugeClaim,
  hazardDistance,
  opticalDensityNeeded,
  planEyes,
  waterEnergy,
} from './index.js';

const beam = { power: watt(1500), divergence: radian(0.08), exitDiameter: mm(4) };
const wall = { reflectance: fraction(0.8), viewingAngle: degree(0) };

describe('eyes', () => {
  it('reads a data sheet’s 1/e2 figures into a longer distance, not a shorter one', () => {
    const ratio = hazardDistance(beamFromDataSheet(beam)) / hazardDistance(beam);
    expect(ratio).toBeGreaterThan(1.4);
    expect(ratio).toBeLessThan(1.43);
    const read = beamFromDataSheet(beam);
    expect(read.power).toBe(1500);
    expect(read.divergence).toBeCloseTo(0.0565685, 7);
    expect(read.exitDiameter * 1e3).toBeCloseTo(2.828427, 6);
  });

  it('never gives a distance below nothing, and none behind a surface', () => {
    expect(hazardDistance({ ...beam, power: watt(0.0001) })).toBe(0);
    expect(diffuseHazardDistance(watt(1500), { ...wall, viewingAngle: degree(120) })).toBe(0);
  });

  it('rounds every planning figure to the safe side', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 6000, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (power, divergence) => {
          const exact = { ...beam, power: watt(power), divergence: radian(divergence) };
          const plan = planEyes(exact, wall);
          expect(plan.opticalDensity).toBeGreaterThanOrEqual(opticalDensityNeeded(exact.power));
          expect(plan.opticalDensity - opticalDensityNeeded(exact.power)).toBeLessThan(0.5);
          expect(plan.direct).toBeGreaterThanOrEqual(hazardDistance(exact));
          expect(plan.diffuse).toBeGreaterThanOrEqual(diffuseHazardDistance(exact.power, wall));
        },
      ),
    );
    // Just over and under where metres become tens of them.
    expect(planEyes({ ...beam, divergence: radian(0.03385) }, wall).direct).toBe(190);
    const reaching = (metres: number) => radian((hazardDistance(beam) * beam.divergence) / metres);
    expect(planEyes({ ...beam, divergence: reaching(100.5) }, wall).direct).toBe(110);
    expect(planEyes({ ...beam, divergence: reaching(99.5) }, wall).direct).toBe(100);
    expect(planEyes({ ...beam, divergence: reaching(98.5) }, wall).direct).toBe(99);
  });
});

describe('a pressure test', () => {
  it('stores hundreds of times more energy in air than in water', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 50, noNaN: true }), (bar) => {
        expect(airEnergy(barGauge(bar), litre(10))).toBeGreaterThan(
          500 * waterEnergy(barGauge(bar), litre(10)),
        );
      }),
    );
  });

  const gauge = { fullScale: barGauge(16), classPercent: 1.6, division: barGauge(0.5) };

  it('can be claimed only within the gauge’s class and division', () => {
    const claim = gaugeClaim(gauge, barGauge(10), litre(5));
    expect(inBar(claim.atLeast)).toBeCloseTo(9.744, 9);
    expect(inBar(claim.atMost)).toBeCloseTo(10.256, 9);
    expect(inBar(claim.smallestDropSeen)).toBe(0.25);
    expect(claim.hiddenLeak * 1e6).toBeCloseTo(0.0568, 3);
    expect(claim.steadyWithin).toBeCloseTo(25_000 / (2.2e9 * 2.1e-4), 9);
  });

  it('refuses a reading beyond the dial, by name', () => {
    expect(() => gaugeClaim(gauge, barGauge(17), litre(5))).toThrow(
      'gauge reading 17 bar: allowed is 0 to 16 bar.',
    );
  });

  it('never claims less than nothing', () => {
    expect(gaugeClaim(gauge, barGauge(0.1), litre(5)).atLeast).toBe(0);
  });
});
