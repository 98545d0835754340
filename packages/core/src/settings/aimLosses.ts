import { requireWithin, RangeFault } from '../fault/index.js';
import type { OutcomeOdds } from '../odds/index.js';
import type { Aim } from './WeldJob.js';

/** What each outcome costs a shop that has an aim, an even line costing nothing; 1 is a coupon for the bin. */
export interface OutcomeLosses {
  readonly cold: number;
  readonly part: number;
  readonly hot: number;
  readonly hole: number;
}

/** The losses of every aim. */
export type AimLosses = Readonly<Record<Aim['kind'], OutcomeLosses>>;

const reaching: OutcomeLosses = { cold: 1, part: 0.8, hot: 0.4, hole: 1.6 };
/** A heavy back is colour, warp and metal to grind: twice as bad where those are what the aim spares. */
const sparing: OutcomeLosses = { cold: 1, part: 0.7, hot: 0.8, hole: 1.6 };

/** Where a shop starts. Judged, not measured: what a part that must be done again costs beside one that is spoilt. */
export const usualLosses: AimLosses = {
  reach: reaching,
  leastHeat: sparing,
  leastDressing: sparing,
  wideForgiving: reaching,
  fillGap: reaching,
  share: reaching,
};

/** No outcome costs more than this. */
export const mostLoss = 5;

/**
 * Refuses losses that would make a deeper weld better than an even one, or a hole better than a heavy back.
 *
 * @throws RangeFault for a loss outside 0 to 5, or one that is greater for the lesser fault
 * @example
 * requireLosses(usualLosses.reach) // => undefined
 */
export function requireLosses({ cold, part, hot, hole }: OutcomeLosses): void {
  for (const [name, loss] of Object.entries({ cold, part, hot, hole })) {
    requireWithin(loss, { quantity: `loss of ${name}`, min: 0, max: mostLoss, unit: '' });
  }
  if (part > cold) {
    throw new RangeFault({
      quantity: 'loss of part',
      given: String(part),
      allowed: `up to ${cold}, what cold costs`,
    });
  }
  if (hot > hole) {
    throw new RangeFault({
      quantity: 'loss of hot',
      given: String(hot),
      allowed: `up to ${hole}, what a hole costs`,
    });
  }
}

/**
 * What a weld with these odds is expected to cost.
 *
 * @example
 * expectedLoss({ cold: 0.1, part: 0, full: 0.8, hot: 0.1, hole: 0 }, usualLosses.reach).toFixed(2) // => '0.14'
 */
export function expectedLoss(odds: OutcomeOdds, losses: OutcomeLosses): number {
  return odds.cold * losses.cold + odds.part * losses.part + odds.hot * losses.hot + odds.hole * losses.hole;
}

/**
 * The losses of an aim: the shop's own, or where every shop starts.
 *
 * @example
 * lossesOf({ kind: 'reach' }, undefined).hot // => 0.4
 */
export function lossesOf(aim: Aim, own: AimLosses | undefined): OutcomeLosses {
  return (own ?? usualLosses)[aim.kind];
}
