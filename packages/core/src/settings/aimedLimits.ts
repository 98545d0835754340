import type { ReachLimits } from '../melt/index.js';
import type { WeldJob } from './WeldJob.js';

/** From both sides the runs meet with a tenth of the thickness to spare where each has done this share of the way. */
export const runsMeetFrom = 0.55;

/**
 * Where outcomes part for what a job asks: as they do for the sheet, or, for a share of the way, read at that share.
 * From both sides each run has done its part from a little over half the thickness on; deeper is no failure until it
 * is hot or through. What blows a hole blows it whatever was asked.
 *
 * @example
 * aimedLimits({ aim: { kind: 'share', share: 0.7 } }, { coldBelow: 0.8, fullFrom: 1, hotFrom: 1.35, holeFrom: 1.6 }).fullFrom // => 0.7
 */
export function aimedLimits({ aim, runs }: Pick<WeldJob, 'aim' | 'runs'>, limits: ReachLimits): ReachLimits {
  if (aim.kind === 'share') return readAt(aim.share, limits, limits.hotFrom * aim.share);
  return runs === 2 ? readAt(runsMeetFrom, limits, limits.hotFrom) : limits;
}

function readAt(share: number, limits: ReachLimits, hotFrom: number): ReachLimits {
  const fullFrom = limits.fullFrom * share;
  return {
    coldBelow: limits.coldBelow * share,
    fullFrom,
    // An open gap leaves no room between even and hole, and still no negative one.
    hotFrom: Math.max(fullFrom, Math.min(hotFrom, limits.holeFrom)),
    holeFrom: limits.holeFrom,
  };
}
