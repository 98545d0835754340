import type { SeamJoint } from '../joint/index.js';
import { findMetal } from '../metal/index.js';
import { inMm, mm, watt } from '../quantity/index.js';
import { bench } from '../testing/sampleJobs.js';
import { proposedLeg, weldPass, type LegFeed } from './index.js';

type Legged = Extract<SeamJoint, { leg: unknown }>;

const tee = (thickness: number, sides: 1 | 2 = 1): Legged => ({
  ...{ kind: 'tee', firstThickness: mm(thickness), secondThickness: mm(thickness + 1), gap: mm(0) },
  ...{ leg: mm(9), sides },
});
const flare = (thickness: number, radius: number): Legged => ({
  ...{ kind: 'flareGroove', firstThickness: mm(thickness), secondThickness: mm(thickness), gap: mm(0) },
  ...{ leg: mm(9), tubeRadius: mm(radius) },
});
const feed = (wire: number | null, machine: LegFeed['machine'] = bench): LegFeed => ({
  ...{ metal: findMetal('stainless304'), wireDiameter: wire === null ? null : mm(wire), machine },
});
const leg = (seam: Legged, by = feed(null)) => inMm(proposedLeg(seam, by));

describe('the leg to propose', () => {
  it('carries the thinner sheet: its thickness, shared by the sides that are welded', () => {
    expect(leg(tee(2))).toBeCloseTo(2, 9);
    expect(leg(tee(2, 2))).toBeCloseTo(1, 9);
    expect(leg(tee(1.27))).toBeCloseTo(1.3, 9);
    expect(leg({ ...tee(2), kind: 'insideCorner' })).toBeCloseTo(2, 9);
  });

  it('is from half a millimetre to twelve', () => {
    expect(leg(tee(0.4))).toBeCloseTo(0.5, 9);
    expect(leg(tee(14))).toBeCloseTo(12, 9);
  });

  it('of a flare groove has that throat, and is flush at most', () => {
    expect(leg(flare(2, 20))).toBeCloseTo(4.5, 9);
    expect(leg(flare(2, 3))).toBeCloseTo(3, 9);
  });

  it('with wire is what comes in one pass, as long as that is half of what carries', () => {
    const onePass = (tenths: number, thickness: number, by: LegFeed) =>
      weldPass({ ...by, joint: { ...tee(thickness), leg: mm(tenths) } }).passes === 1;
    for (const thickness of [1, 2, 3, 4, 6]) {
      for (const wire of [0.8, 1.2]) {
        const by = feed(wire);
        const found = leg(tee(thickness), by);
        expect(found).toBeLessThanOrEqual(thickness + 1e-9);
        expect(found).toBeGreaterThanOrEqual(Math.round(Math.max(0.5, thickness / 2) * 10) / 10 - 1e-9);
        if (found > thickness / 2 + 0.1) expect(onePass(found, thickness, by)).toBe(true);
      }
    }
    // Thin wire gives less in one pass than thick, and a weak machine melts less than a strong one.
    expect(leg(tee(3), feed(0.8))).toBeLessThan(leg(tee(3), feed(1.2)));
    const weak = { ...bench, power: { least: watt(100), most: watt(700), step: 10 } };
    const strong = { ...bench, power: { least: watt(200), most: watt(3000), step: 20 } };
    expect(leg(tee(3), feed(1.2, weak))).toBeLessThan(leg(tee(3), feed(1.2, strong)));
    expect(leg(tee(3), feed(1.2, strong))).toBeCloseTo(3, 9);
  });
});
