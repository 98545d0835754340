import type { Metre } from '../quantity/index.js';

/** How a weld turned out, in the shop's order from too little to too much. */
export const outcomes = ['cold', 'part', 'full', 'hot', 'hole'] as const;
export type Outcome = (typeof outcomes)[number];

/** Depth over thickness at which one outcome passes into the next. */
export interface ReachLimits {
  readonly coldBelow: number;
  readonly fullFrom: number;
  readonly hotFrom: number;
  readonly holeFrom: number;
}

/**
 * Where the outcomes part for a sheet, a bead and a gap: cold under 0.8, full from 1, hot from 1 + 0.35 r, a hole from
 * 1 + 0.6 r, with r = min(1, 3 t/b) max(0, 1 - 2 gap/t). A wide bead on thin sheet and an open gap leave less room.
 *
 * @param thickness m, above 0
 * @param width of the bead, m, above 0
 * @param gap m, 0 or more
 * @example
 * reachLimits(mm(2), mm(2.7), mm(0)).hotFrom // => 1.35
 */
export function reachLimits(thickness: Metre, width: Metre, gap: Metre): ReachLimits {
  const room = Math.min(1, (3 * thickness) / width) * Math.max(0, 1 - (2 * gap) / thickness);
  return { coldBelow: 0.8, fullFrom: 1, hotFrom: 1 + 0.35 * room, holeFrom: 1 + 0.6 * room };
}

/**
 * The outcome of a reach.
 *
 * @param reach depth over thickness, 0 or more
 * @example
 * readOutcome(1.1, reachLimits(mm(2), mm(2.7), mm(0))) // => 'full'
 */
export function readOutcome(reach: number, limits: ReachLimits): Outcome {
  if (reach < limits.coldBelow) return 'cold';
  if (reach < limits.fullFrom) return 'part';
  if (reach < limits.hotFrom) return 'full';
  return reach < limits.holeFrom ? 'hot' : 'hole';
}
