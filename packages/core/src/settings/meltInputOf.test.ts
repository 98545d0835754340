import { backingTable, jointThermal, metalNeeded, thinnerSheet, type Joint } from '../joint/index.js';
import { inMm, mm, mmPerSecond } from '../quantity/index.js';
import { bench, sampleJob, sampleSetting, sheetJoint } from '../testing/sampleJobs.js';
import { wireArea } from '../wire/index.js';
import { meltInputOf, plainBead, travelOf, weldPass, type WeldSetting } from './index.js';
import { passFill, wireTravel } from './meltInputOf.js';
import { isDrivenTooFast, isHeldUp } from './searchSetting.js';

const wired = (wireSpeed: number, diameter = 1): WeldSetting & { pace: { by: 'wire' } } => ({
  ...sampleSetting,
  pace: { by: 'wire', diameter: mm(diameter), wireSpeed: mmPerSecond(wireSpeed) },
});
const jobOf = (joint: Joint, wire: number | null = 1) =>
  sampleJob({ joint, wire: wire === null ? null : mm(wire) });

describe('a setting as the melt model takes it', () => {
  it('is the job and the setting, knob by knob', () => {
    const job = sampleJob();
    const thermal = jointThermal(job.joint);
    expect(meltInputOf(job, sampleSetting)).toEqual({
      metal: job.metal,
      ...{ thickness: thermal.thickness, heatDirections: thermal.heatDirections },
      ...{ power: sampleSetting.power, duty: sampleSetting.duty, travel: travelOf(job, sampleSetting) },
      ...{ spot: bench.spot, wobble: sampleSetting.wobble, wire: null },
    });
  });

  it('has the wire’s metal in what is melted of a fillet and a plug, where wire is fed', () => {
    for (const kind of ['tee', 'plug', 'insideCorner'] as const) {
      const job = jobOf(sheetJoint(kind, 2));
      const { joint } = weldPass(job);
      const input = meltInputOf(job, wired(20));
      expect(input.deposit).toBeCloseTo(metalNeeded(joint, thinnerSheet(joint)).fill, 15);
      expect(input.deposit).toBeGreaterThan(0);
      expect(input.wire).toEqual({ diameter: mm(1), speed: mmPerSecond(20) });
      expect(meltInputOf(job, sampleSetting)).not.toHaveProperty('deposit');
    }
    expect(meltInputOf(jobOf(sheetJoint('butt', 2)), wired(20))).not.toHaveProperty('deposit');
  });

  it('has the bar behind it', () => {
    const bars = Object.entries(backingTable);
    expect(bars.some(([, { contact }]) => contact > 0)).toBe(true);
    for (const [backing, { contact }] of bars) {
      const input = meltInputOf(
        { ...sampleJob(), backing: backing as keyof typeof backingTable },
        sampleSetting,
      );
      if (contact > 0) expect(input.barContact).toBe(contact);
      else expect(input).not.toHaveProperty('barContact');
    }
  });
});

describe('the pace of a wire', () => {
  const job = jobOf(sheetJoint('butt', 2));
  const fill = passFill(job, sampleSetting);
  /** Wire speed at which the gun goes so fast, mm/s. */
  const speedFor = (travel: number) => (travel * fill) / wireArea(mm(1));

  it('lays down what a pass takes, as far as a hand follows', () => {
    expect(fill).toBeCloseTo(metalNeeded(job.joint, plainBead(job, sampleSetting)).total, 15);
    expect(travelOf(job, wired(speedFor(8)))).toBeCloseTo(0.008, 12);
    expect(travelOf(job, wired(speedFor(25)))).toBe(0.02);
    const fast = wired(speedFor(25));
    expect(wireTravel(job, fast.wobble, fast.pace as never)).toBeCloseTo(0.025, 12);
  });

  it('drives the gun too fast past 20 mm/s, and holds it up under 3.9', () => {
    expect(isDrivenTooFast(job, wired(speedFor(20.01)))).toBe(true);
    expect(isDrivenTooFast(job, wired(speedFor(20)))).toBe(false);
    expect(isDrivenTooFast(job, { ...sampleSetting, pace: { by: 'hand', travel: mmPerSecond(30) } })).toBe(
      false,
    );
    expect(isHeldUp(job, wired(speedFor(3.8)))).toBe(true);
    expect(isHeldUp(job, wired(speedFor(4)))).toBe(false);
    expect(isHeldUp(job, { ...sampleSetting, pace: { by: 'hand', travel: mmPerSecond(1) } })).toBe(false);
  });

  it('has a plain bead of the sweep and 1.2 spots', () => {
    expect(inMm(plainBead(job, sampleSetting))).toBeCloseTo(2 + 0.18, 9);
    expect(inMm(plainBead(job, { wobble: { shape: 'none' } }))).toBeCloseTo(0.18, 9);
  });
});
