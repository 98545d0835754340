import type { LadderAxis } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';
import { inSpoken } from '../../shared/figures/spoken.js';
import { knobUnit } from './ladderKnobs.js';
import type { LadderSays } from './ladderSays.js';

/** Depth over one knob, with one standard deviation of it either way; the knob in its plain unit, depths in the shop's. */
export interface LadderCurve {
  /** Where a second knob stands for it; empty on a ladder of one. */
  readonly name: string;
  readonly points: readonly {
    readonly at: number;
    readonly depth: number;
    readonly low: number;
    readonly high: number;
  }[];
}

/** A depth in the shop's unit. */
const spoken = (metres: number): number => inSpoken(metres * 1000, 'mm');

/** Points of a curve. */
const curvePoints = 41;

/**
 * The curves over one knob of a ladder: one, or one each for the least and the most of a second knob. A third knob
 * stands in the middle of what the ladder tries.
 *
 * @param across which knob the curves run along
 */
export function ladderCurves(
  axes: readonly LadderAxis[],
  across: number,
  depthAt: LadderSays['answer']['depthAt'],
): readonly LadderCurve[] {
  const middle = axes.map(({ values }) => Math.sqrt(Math.min(...values) * Math.max(...values)));
  const by = axes.findIndex((_, i) => i !== across);
  const along = (name: string, places: readonly number[]) => ({
    name,
    points: curveAlong(axes, across, places, depthAt),
  });
  const second = axes[by];
  if (second === undefined) return [along('', middle)];
  const { name, unit, perSi, decimals } = knobUnit(second.knob);
  return [Math.min(...second.values), Math.max(...second.values)].map((value) =>
    along(`${name} ${figure(value * perSi, decimals)} ${unit}`, middle.with(by, value)),
  );
}

function curveAlong(
  axes: readonly LadderAxis[],
  across: number,
  places: readonly number[],
  depthAt: LadderSays['answer']['depthAt'],
): LadderCurve['points'] {
  const axis = axes[across];
  if (axis === undefined) return [];
  const [least, most] = [Math.min(...axis.values), Math.max(...axis.values)];
  const { perSi } = knobUnit(axis.knob);
  return Array.from({ length: curvePoints }, (_, i) => {
    const value = least * (most / least) ** (i / (curvePoints - 1));
    const { depth, low, high } = depthAt(places.with(across, value));
    return { at: value * perSi, depth: spoken(depth), low: spoken(low), high: spoken(high) };
  });
}
