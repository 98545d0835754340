import type { ReachLimits } from '../melt/index.js';
import type { Aim } from './WeldJob.js';

/** Depth over thickness that an aim accepts. */
export interface ReachWindow {
  readonly from: number;
  readonly to: number;
}

/** A stated share is met when the depth lies this far either side of it, in shares of the thickness. */
const shareTolerance = 0.1;

/**
 * What an aim accepts: through without a hole, or a share of the thickness give or take a tenth, short of the back.
 *
 * @example
 * wantedWindow({ kind: 'reach' }, { coldBelow: 0.8, fullFrom: 1, hotFrom: 1.35, holeFrom: 1.6 }) // => { from: 1, to: 1.6 }
 */
export function wantedWindow(aim: Aim, limits: ReachLimits): ReachWindow {
  if (aim.kind !== 'share') return { from: limits.fullFrom, to: limits.holeFrom };
  return {
    from: aim.share - shareTolerance,
    to: Math.min(aim.share + shareTolerance, limits.fullFrom),
  };
}
