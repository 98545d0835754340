import { meshLine } from '../field/index.js';
import { feedInto, gunAt, powerAt } from './runHeat.js';
import type { SheetProblem, SheetRun } from './SheetProblem.js';

const run: SheetRun = {
  ...{ from: [0.01, 0.02], to: [0.03, 0.04], startsAt: 2, lasts: 4, absorbed: 300, spread: 0.5e-3 },
  ...{ rampUp: 0, rampDown: 0, pulses: null },
};

describe('the light of a run', () => {
  it('is on while it lasts, ends included', () => {
    expect([1.99, 2, 4, 6, 6.01].map((time) => powerAt(run, time))).toEqual([0, 300, 300, 300, 0]);
  });

  it('rises and falls over its ramps, the lower of the two where they meet', () => {
    const ramped = { ...run, rampUp: 1, rampDown: 2 };
    expect([2, 2.5, 3, 3.9, 4, 5, 6].map((time) => powerAt(ramped, time))).toEqual([
      ...[0, 150, 300, 300, 300, 150, 0],
    ]);
    const short = { ...run, rampUp: 4, rampDown: 4 };
    expect(powerAt(short, 4)).toBe(150);
  });

  it('is dark between its pulses', () => {
    const pulsed = { ...run, pulses: { on: 0.5, off: 0.25 } };
    expect([2, 2.4, 2.6, 2.8, 3.4].map((time) => powerAt(pulsed, time))).toEqual([300, 300, 0, 300, 0]);
  });

  it('goes along evenly, and stands at the ends before and after', () => {
    expect(gunAt(run, 0)).toEqual([0.01, 0.02]);
    expect(gunAt(run, 3)).toEqual([expect.closeTo(0.015, 12), expect.closeTo(0.025, 12)]);
    expect(gunAt(run, 9)).toEqual([0.03, 0.04]);
    expect(gunAt({ ...run, lasts: 0 }, 9)).toEqual([0.01, 0.02]);
  });
});

describe('what is let into a sheet over a step', () => {
  const cells = 40;
  const mm = 1e-3;
  // Cells of a millimetre, and of half of one in the right half.
  const x = meshLine(Float64Array.from({ length: cells + 1 }, (_, i) => (i <= 20 ? i : 10 + i / 2) * mm));
  const y = meshLine(Float64Array.from({ length: cells + 1 }, (_, i) => i * mm));
  const thickness = 2 * mm;
  const sheet = (
    runs: readonly SheetRun[],
    isMetal: (column: number) => boolean = () => true,
  ): SheetProblem =>
    ({
      ...{ x, y, thickness, runs },
      metal: Uint8Array.from({ length: cells * cells }, (_, at) => (isMetal(at % cells) ? 1 : 0)),
    }) as unknown as SheetProblem;
  const fed = (problem: SheetProblem, from: number, seconds: number) => {
    const into = new Float64Array(cells * cells).fill(7);
    const joule = feedInto(problem, from, seconds, into);
    const laid = into.reduce((sum, each, at) => {
      const area = (x.widths[at % cells] ?? 0) * (y.widths[Math.floor(at / cells)] ?? 0);
      return sum + each * area * thickness * seconds;
    }, 0);
    return { joule, laid, into };
  };
  const crossing: SheetRun = { ...run, to: [0.02, 0.03] };
  const still = (at: number): SheetRun => ({ ...run, from: [at, 0.02], to: [at, 0.02] });

  it('is all of the light in the middle of it, and what was laid down is what was let in', () => {
    const { joule, laid } = fed(sheet([crossing]), 3, 0.1);
    expect(joule).toBeCloseTo(30, 2);
    expect(laid).toBeCloseTo(joule, 9);
  });

  it('is of several runs together, and of none that is over or has not begun', () => {
    const late = { ...crossing, startsAt: 20 };
    expect(fed(sheet([crossing, crossing]), 3, 0.1).joule).toBeCloseTo(60, 2);
    expect(fed(sheet([crossing, late]), 3, 0.1).joule).toBeCloseTo(30, 2);
    expect(fed(sheet([crossing, late]), 8, 0.1)).toMatchObject({ joule: 0, laid: 0 });
    // Half of the step is before its end.
    expect(fed(sheet([crossing]), 5.9, 0.2).joule).toBeCloseTo(30, 2);
  });

  it('is all of the light at an edge, less further out, and lies on metal alone', () => {
    const half = sheet([still(10 * mm)], (column) => column >= 10);
    const atEdge = fed(half, 3, 0.1);
    expect(atEdge.joule).toBeCloseTo(30, 1);
    expect(atEdge.laid).toBeCloseTo(atEdge.joule, 9);
    expect(atEdge.into.every((each, at) => at % cells >= 10 || each === 0)).toBe(true);
    const beside = fed(
      sheet([still(9.75 * mm)], (column) => column >= 10),
      3,
      0.1,
    );
    // A Gaussian half of its spread out has 31 % of its light on the metal: twice that is taken.
    expect(beside.joule).toBeCloseTo(30 * 2 * 0.3085, 1);
    expect(
      fed(
        sheet([still(5 * mm)], (column) => column >= 10),
        3,
        0.1,
      ).joule,
    ).toBe(0);
  });
});
