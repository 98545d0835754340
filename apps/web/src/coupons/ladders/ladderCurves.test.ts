import type { LadderAxis } from '@lone-heron/contract';
import { ladderCurves } from './ladderCurves.js';

const power: LadderAxis = { knob: 'power', values: [800, 900, 1000] };
const rate: LadderAxis = { knob: 'wobbleRate', values: [40, 90] };
const width: LadderAxis = { knob: 'wobbleWidth', values: [0.001, 0.004] };
/** A depth that tells where each knob stood: m, by W, Hz and m. */
const depthAt = ([w = 0, hz = 0, m = 0]: readonly number[]) => {
  const depth = w / 1e6 + hz / 1e5 + m;
  return { depth, low: depth * 0.9, high: depth * 1.1 };
};

describe('the curves of a ladder', () => {
  it('of one knob: one, from its least to its most', () => {
    const [curve, ...rest] = ladderCurves([power], 0, depthAt);
    expect(rest).toEqual([]);
    expect(curve?.name).toBe('');
    const first = curve?.points[0];
    expect(first?.at).toBe(800);
    expect(first?.depth).toBeCloseTo(0.8, 9);
    expect(first?.low).toBeCloseTo(0.72, 9);
    expect(curve?.points.at(-1)?.at).toBeCloseTo(1000, 9);
  });

  it('of two knobs: one for the least and one for the most of the other', () => {
    const curves = ladderCurves([power, rate], 0, depthAt);
    expect(curves.map(({ name }) => name)).toEqual(['Wobble rate 40 Hz', 'Wobble rate 90 Hz']);
    expect(curves.map(({ points }) => points[0]?.depth)).toEqual([
      expect.closeTo(1.2, 9),
      expect.closeTo(1.7, 9),
    ]);
    const across = ladderCurves([power, rate], 1, depthAt);
    expect(across.map(({ name }) => name)).toEqual(['Power 800 W', 'Power 1000 W']);
    expect(across[0]?.points[0]?.at).toBe(40);
  });

  it('of three knobs: the third stands in the middle', () => {
    const [curve] = ladderCurves([power, rate, width], 0, depthAt);
    expect(curve?.points[0]?.depth).toBeCloseTo(0.8 + 0.4 + 2, 9);
  });
});
