import type { Outcome, ReachLimits } from '../melt/index.js';
import { normalCdf } from '../numeric/index.js';

/** Probability of each outcome; they add up to 1. */
export type OutcomeOdds = Readonly<Record<Outcome, number>>;

/**
 * Odds of each outcome when ln(real depth) is normal around ln(model depth).
 *
 * @param reach model depth over thickness, above 0
 * @param spread standard deviation of ln depth, above 0
 * @example
 * outcomeOdds(1, 0.22, { coldBelow: 0.8, fullFrom: 1, hotFrom: 1.35, holeFrom: 1.6 }).cold.toFixed(3) // => '0.155'
 */
export function outcomeOdds(reach: number, spread: number, limits: ReachLimits): OutcomeOdds {
  const below = (limit: number) => normalCdf(Math.log(limit / reach) / spread);
  const cold = below(limits.coldBelow);
  const part = below(limits.fullFrom);
  const full = below(limits.hotFrom);
  const hot = below(limits.holeFrom);
  return { cold, part: part - cold, full: full - part, hot: hot - full, hole: 1 - hot };
}

/**
 * Odds that the reach lies within a window.
 *
 * @param from lower end of the window, above 0
 * @param to upper end, at or above `from`
 * @example
 * oddsWithin(1.265, 0.22, 1, 1.6).toFixed(2) // => '0.71'
 */
export function oddsWithin(reach: number, spread: number, from: number, to: number): number {
  return normalCdf(Math.log(to / reach) / spread) - normalCdf(Math.log(from / reach) / spread);
}
