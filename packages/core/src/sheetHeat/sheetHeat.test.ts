import fc from 'fast-check';
import { gradedLine, phaseLawOf, riseOfEnthalpy } from '../field/index.js';
import { findMetal } from '../metal/index.js';
import { numberStream } from '../testing/numberStream.js';
import { compiledDiffusion } from './compiledDiffusion.js';
import { plainDiffusion } from './plainDiffusion.js';
import { gunAt, powerAt } from './runHeat.js';
import { sheetMarch } from './sheetMarch.js';
import { sheetMesh, stableSeconds } from './sheetMesh.js';
import type { SheetProblem, SheetRun } from './SheetProblem.js';
import { stagesFor, superStep } from './superStep.js';

const stainless = phaseLawOf(findMetal('stainless304'));

const run: SheetRun = {
  from: [0.02, 0.03],
  to: [0.08, 0.03],
  startsAt: 0,
  lasts: 10,
  absorbed: 500,
  spread: 1e-3,
  rampUp: 0,
  rampDown: 0,
  pulses: null,
};

function sheet(changes: Partial<SheetProblem> = {}): SheetProblem {
  const line = (to: number) => gradedLine({ from: 0, to, fineFrom: 0, fineTo: to, fine: 1e-3, growth: 1 });
  const [x, y] = [changes.x ?? line(0.1), changes.y ?? line(0.06)];
  const metal = new Uint8Array(x.widths.length * y.widths.length).fill(1);
  return {
    law: stainless,
    x,
    y,
    thickness: 2e-3,
    metal,
    runs: [run],
    sinks: [],
    toAir: () => 30,
    ...changes,
  };
}

function after(problem: SheetProblem, seconds: number, step = 0.25) {
  const march = sheetMarch(problem);
  while (march.time() < seconds - 1e-9) march.step(Math.min(step, seconds - march.time()));
  return march;
}

describe('a long step', () => {
  it('weighs its stages so that what stays stays', () => {
    for (const stages of [3, 5, 11, 25]) {
      const { mu, nu, muTilde, gammaTilde } = superStep(stages);
      // Of a rate that never changes the last stage has taken exactly one step.
      let [before, last] = [0, muTilde[1] as number];
      for (let j = 2; j <= stages; j++) {
        const next =
          (mu[j] as number) * last +
          (nu[j] as number) * before +
          (muTilde[j] as number) +
          (gammaTilde[j] as number);
        [before, last] = [last, next];
      }
      expect(last).toBeCloseTo(1, 10);
    }
  });

  it('has stages enough to be stable', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 500, noNaN: true }), (ratio) => {
        const stages = stagesFor(ratio);
        expect((stages * stages + stages - 2) / 4).toBeGreaterThanOrEqual(ratio);
        expect(stages % 2).toBe(1);
      }),
    );
  });
});

describe('the compiled diffusion', () => {
  it('does what the plain one does, holes and edges included', () => {
    const holes = sheet();
    for (let at = 0; at < holes.metal.length; at += 7) holes.metal[at] = 0;
    const mesh = sheetMesh(holes);
    const random = numberStream(11);
    const plain = plainDiffusion(mesh, stainless);
    const compiled = compiledDiffusion(mesh, stainless);
    expect(compiled).not.toBeNull();
    holes.metal.forEach((isMetal, at) => {
      if (isMetal === 0) return;
      plain.enthalpy[at] = random() * 1.3 * stainless.enthalpyAtLiquidus;
      plain.feed[at] = random() * 1e9;
    });
    compiled!.enthalpy.set(plain.enthalpy);
    compiled!.feed.set(plain.feed);
    const step = superStep(stagesFor(0.3 / stableSeconds(stainless, mesh)));
    for (let i = 0; i < 3; i++) {
      plain.step(step, 0.3);
      compiled!.step(step, 0.3);
    }
    const most = Math.max(...plain.enthalpy);
    plain.enthalpy.forEach((value, at) =>
      expect(Math.abs((compiled!.enthalpy[at] as number) - value)).toBeLessThan(1e-9 * most),
    );
  });
});

describe('a sheet that is welded', () => {
  it('closes its energy to a thousandth, with air, a bar and a cold table', () => {
    const bar = {
      from: [0, 0.025],
      to: [0.1, 0.035],
      contact: 2000,
      capacity: 3.4e6 * 6e-3,
      rise: 0,
    } as const;
    const table = { from: [0, 0], to: [0.1, 0.005], contact: 500, capacity: Infinity, rise: 0 } as const;
    const march = after(sheet({ sinks: [bar, table] }), 15);
    const { absorbed, toAir, toSinks } = march.account;
    expect(absorbed).toBeCloseTo(5000, 6);
    expect(toSinks).toBeGreaterThan(0.1 * absorbed);
    expect(Math.abs(march.held() + toAir + toSinks - absorbed)).toBeLessThan(1e-3 * absorbed);
  });

  it('is the same on both sides of a run along its middle', () => {
    const { enthalpy } = after(sheet(), 12);
    const columns = 100;
    for (let row = 0; row < 30; row++)
      for (let column = 0; column < columns; column++)
        expect(enthalpy[row * columns + column]).toBeCloseTo(
          enthalpy[(59 - row) * columns + column] as number,
          -2,
        );
  });

  it('is nowhere colder for more power', () => {
    const less = after(sheet(), 10).enthalpy;
    const more = after(sheet({ runs: [{ ...run, absorbed: 600 }] }), 10).enthalpy;
    less.forEach((value, at) =>
      expect(more[at] as number).toBeGreaterThan(value - 1e-4 * stainless.enthalpyAtLiquidus),
    );
  });

  it('hardly changes with the step', () => {
    const coarse = after(sheet(), 12, 0.25).enthalpy;
    const fine = after(sheet(), 12, 0.05).enthalpy;
    const rises = (values: Float64Array) => values.map((value) => riseOfEnthalpy(stainless, value));
    const [a, b] = [rises(coarse), rises(fine)];
    const most = Math.max(...b);
    a.forEach((value, at) => expect(Math.abs(value - (b[at] as number))).toBeLessThan(0.02 * most));
  });

  it('keeps heat out of a hole and lets none fall where there is no metal', () => {
    const hole = sheet();
    for (let row = 20; row < 40; row++)
      for (let column = 40; column < 60; column++) hole.metal[row * 100 + column] = 0;
    const march = after(hole, 12);
    for (let row = 20; row < 40; row++)
      for (let column = 40; column < 60; column++) expect(march.enthalpy[row * 100 + column]).toBe(0);
    // The gun is over the hole for a third of its run.
    expect(march.account.absorbed).toBeGreaterThan(0.6 * 5000);
    expect(march.account.absorbed).toBeLessThan(0.7 * 5000);
  });

  it('runs hotter where the part ends, and colder on a bar', () => {
    const aluminium = { law: phaseLawOf(findMetal('aluminium5052')), runs: [{ ...run, absorbed: 400 }] };
    const hottest = (changes: Partial<SheetProblem>) =>
      Math.max(...after(sheet({ ...aluminium, ...changes }), 8).enthalpy);
    const strip = { from: 0.024, to: 0.036, fineFrom: 0.024, fineTo: 0.036, fine: 1e-3, growth: 1 };
    const bar = { from: [0, 0.02], to: [0.1, 0.04], contact: 5000, capacity: Infinity, rise: 0 } as const;
    expect(hottest({ y: gradedLine(strip) })).toBeGreaterThan(hottest({}) * 1.05);
    expect(hottest({ sinks: [bar] })).toBeLessThan(hottest({}) * 0.95);
  });
});

describe('a run', () => {
  const ramped = { ...run, rampUp: 2, rampDown: 1 };

  it('ramps up and down, and is dark outside', () => {
    expect([-0.1, 1, 5, 9.5, 10.1].map((time) => powerAt(ramped, time))).toEqual([0, 250, 500, 250, 0]);
  });

  it('pulses', () => {
    const pulsed = { ...run, pulses: { on: 0.3, off: 0.1 } };
    expect([0.1, 0.35, 0.5, 0.79].map((time) => powerAt(pulsed, time))).toEqual([500, 0, 500, 0]);
  });

  it('goes straight from one end to the other', () => {
    expect(gunAt(run, 5)).toEqual([0.05, 0.03]);
    expect(gunAt(run, 50)).toEqual([0.08, 0.03]);
  });
});
