import { ownLeg, metalNeeded, type Joint, type SeamJoint } from '../joint/index.js';
import { inMm, mm, mmPerSecond, second } from '../quantity/index.js';
import { bench } from '../testing/sampleJobs.js';
import { wireArea } from '../wire/index.js';
import { weldPass, wettedFace } from './index.js';

const sheets = { firstThickness: mm(6), secondThickness: mm(6), gap: mm(0) };
const tee = (leg: number): Extract<SeamJoint, { kind: 'tee' }> => ({
  kind: 'tee',
  ...sheets,
  leg: mm(leg),
  sides: 1,
});
const flare = (leg: number, radius = 20): Extract<SeamJoint, { kind: 'flareGroove' }> => ({
  ...{ kind: 'flareGroove', ...sheets, leg: mm(leg), tubeRadius: mm(radius) },
});
/** A feeder and a sweep that never bind, so that one thing at a time does. */
const wide = { ...bench, wobbleWidth: { ...bench.wobbleWidth, most: mm(50) } };
const pass = (joint: Joint, wire: number | null, machine: Parameters<typeof weldPass>[0]['machine'] = wide) =>
  weldPass({ joint, wireDiameter: wire === null ? null : mm(wire), machine });

describe('the pass that is dialled', () => {
  it('is the joint itself where it has no leg', () => {
    const butt: Joint = { kind: 'butt', ...sheets };
    expect(pass(butt, 1)).toEqual({ joint: butt, passes: 1, leg: null });
  });

  it('is what the edges give without wire, without a feeder and of a tack, and never more than was asked', () => {
    const own = ownLeg(tee(4));
    const tack: Joint = { kind: 'tack', on: tee(4), length: mm(3), lightOn: second(0.5) };
    const given = { passes: 1, leg: { asked: mm(4), given: own } };
    expect(pass(tee(4), null)).toEqual({ ...given, joint: { ...tee(4), leg: own } });
    expect(pass(tee(4), 1, { ...bench, wireSpeed: null })).toMatchObject(given);
    expect(pass(tack, 1)).toEqual({ ...given, joint: { ...tack, on: { ...tee(4), leg: own } } });
    expect(pass(tee(1), null).leg).toEqual({ asked: mm(1), given: mm(1) });
  });

  it('is one while it lies no thicker than two diameters over the face', () => {
    // A leg of 2 mm has a face of 2.83 mm, which bears 5.66 mm² of a 1 mm wire; the feeder would give 7.
    const gapped = (gap: number) => ({ ...tee(2), gap: mm(gap) });
    const gap = (2 * 2 * Math.SQRT2 - metalNeeded(tee(2), mm(1)).total * 1e6) / 2;
    expect(pass(gapped(gap - 0.01), 1).passes).toBe(1);
    expect(pass(gapped(gap + 0.01), 1).passes).toBe(2);
  });

  it('is one while the feeder lays it at the slowest steady pace, however fast it could race', () => {
    const slow = (mmS: number) => ({
      ...wide,
      wireSpeed: { least: mmPerSecond(1), most: mmPerSecond(mmS), step: 0.1 },
    });
    const legFor = (mmS: number) => {
      const perLeg = metalNeeded(tee(1), mm(1)).total;
      return Math.sqrt((wireArea(mm(1)) * mmS) / 5 / perLeg);
    };
    expect(pass(tee(legFor(20) * 0.999), 1, slow(20)).passes).toBe(1);
    expect(pass(tee(legFor(20) * 1.001), 1, slow(20)).passes).toBe(2);
    expect(pass(tee(legFor(45) * 0.999), 1, slow(45)).passes).toBe(1);
    expect(pass(tee(legFor(45) * 1.001), 1, slow(90)).passes).toBe(2);
  });

  it('is one while the widest sweep wets both legs, unless the machine does not sweep', () => {
    const sweeps = (most: number) => ({ ...bench, wobbleWidth: { ...bench.wobbleWidth, most: mm(most) } });
    const needed = inMm(wettedFace(tee(2.5))) - 1.2 * 0.15;
    expect(pass(tee(2.5), 1.2, sweeps(needed + 1e-3)).passes).toBe(1);
    expect(pass(tee(2.5), 1.2, sweeps(needed - 1e-3)).passes).toBe(2);
    expect(pass(tee(2.5), 1.2, sweeps(0)).passes).toBe(1);
  });

  it('comes in equal passes, each with a share of the metal, and never more than twelve', () => {
    const three = pass(tee(5), 0.9);
    expect(three.passes).toBeGreaterThan(1);
    const { joint, passes } = three;
    expect('leg' in joint && inMm(joint.leg)).toBeCloseTo(5 / Math.sqrt(passes), 9);
    expect(three.leg).toEqual({ asked: mm(5), given: mm(5) });
    const huge = pass(tee(12), 0.6);
    expect(huge.passes).toBe(12);
    expect('leg' in huge.joint && inMm(huge.joint.leg)).toBeCloseTo(12 / Math.sqrt(12), 9);
    expect(huge.leg?.given).toBe(mm(12));
  });

  it('takes the fewest that do', () => {
    for (const leg of [3, 4, 5, 6, 8]) {
      const { passes } = pass(tee(leg), 1);
      if (passes === 1 || passes === 12) continue;
      const one = (count: number) => pass(tee(leg / Math.sqrt(count)), 1).passes;
      expect(one(passes)).toBe(1);
      expect(one(passes - 1)).toBeGreaterThan(1);
    }
  });
});

describe('the face that must be wetted', () => {
  it('is 0.6 of a fillet’s face', () => {
    expect(inMm(wettedFace(tee(3)))).toBeCloseTo(0.6 * Math.SQRT2 * 3, 9);
  });

  it('of a flare groove is 0.6 of how far the tube has curved away over the leg, at most its radius', () => {
    expect(inMm(wettedFace(flare(12)))).toBeCloseTo(0.6 * (20 - 16), 9);
    expect(inMm(wettedFace(flare(30)))).toBeCloseTo(0.6 * 20, 9);
    expect(inMm(wettedFace(flare(6, 10)))).toBeCloseTo(0.6 * (10 - 8), 9);
  });
});
