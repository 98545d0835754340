import type { ReachLimits } from '../melt/index.js';
import { normalCdf } from '../numeric/index.js';
import type { DepthBelief } from './depthBelief.js';
import type { OutcomeOdds } from './outcomeOdds.js';

/** Of two normal values the larger lies this many of their standard deviations higher, with this share of their variance. */
const largerOfTwo = { mean: 1 / Math.sqrt(Math.PI), variance: 1 - 1 / Math.PI };

/**
 * Odds of each outcome of the next weld under a belief.
 *
 * With two runs, one from each side, the limits below are read of a run's even half: the runs meet where their mean
 * reaches them. The limits above are read of the deeper run. Both share the doubt about the setting and scatter apart.
 *
 * @param modelReach model depth over thickness, above 0
 * @param runs 1, or 2 where a joint is welded from both sides
 * @example
 * beliefOdds(1, beliefOfSpread(0.22), { coldBelow: 0.8, fullFrom: 1, hotFrom: 1.35, holeFrom: 1.6 }, 1).cold.toFixed(3) // => '0.155'
 */
export function beliefOdds(
  modelReach: number,
  belief: DepthBelief,
  limits: ReachLimits,
  runs: 1 | 2,
): OutcomeOdds {
  const lnReach = Math.log(modelReach);
  const edges = [limits.coldBelow, limits.fullFrom, limits.hotFrom, limits.holeFrom].map(
    (limit) => Math.log(limit) - lnReach,
  );
  const below = [0, 0, 0, 0];
  for (const { share, lnRatio, sd, scatter } of belief) {
    const lowSpread = runs === 1 ? Math.hypot(sd, scatter) : Math.sqrt(sd * sd + (scatter * scatter) / 2);
    const highSpread = runs === 1 ? lowSpread : Math.sqrt(sd * sd + largerOfTwo.variance * scatter * scatter);
    const higher = runs === 1 ? 0 : largerOfTwo.mean * scatter;
    for (let i = 0; i < 4; i++) {
      const centre = i < 2 ? lnRatio : lnRatio + higher;
      const spread = i < 2 ? lowSpread : highSpread;
      below[i] = (below[i] as number) + share * normalCdf(((edges[i] as number) - centre) / spread);
    }
  }
  const [cold = 0, part = 0, full = 0, hot = 0] = below;
  return {
    cold,
    part: part - cold,
    full: Math.max(0, full - part),
    hot: Math.max(0, hot - Math.max(full, part)),
    hole: 1 - Math.max(hot, part),
  };
}
