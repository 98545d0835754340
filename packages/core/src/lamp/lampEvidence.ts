import { fourFifths } from '../numeric/index.js';
import {
  chanceBelow,
  learnThresholds,
  thresholdAlong,
  type SeenBound,
  type ThresholdBelief,
} from '../evidence/index.js';
import type { LampEnergy } from './lampEnergy.js';
import type { LampJob, LampSetting, PulseLook, PulseOdds } from './LampJob.js';
import { joinedBetween, pulsedWeld, type PulsedWeld } from './pulsedWeld.js';

/** Hidden figures: ln of the real over the computed depth, and ln of the density of light, over a keyhole's, at which it spits. */
const depthRow = [1, 0] as const;
const spitRow = [0, 1] as const;
export const lampPrior = { mean: [0, -0.5], sd: [0.35, 0.3] } as const;
const pulseNoise = 0.12;
/** What a weld in another metal family adds. */
const elsewhereNoise = 0.3;

/** A pulsed weld that was made and looked at. */
export interface PulsedCoupon {
  readonly job: LampJob;
  readonly setting: LampSetting;
  readonly look: PulseLook;
  readonly isElsewhere: boolean;
}

/** What the shop's pulsed welds say of how deep its pulses go and from where on they spit. */
export function learnLamp(table: LampEnergy, coupons: readonly PulsedCoupon[]): ThresholdBelief {
  const bounds = coupons.flatMap((coupon) => boundsOf(table, coupon));
  return learnThresholds(lampPrior, bounds);
}

function boundsOf(table: LampEnergy, { job, setting, look, isElsewhere }: PulsedCoupon): SeenBound[] {
  const { from, to, dense } = lnFigures(job, pulsedWeld(job, setting, table));
  const noise = Math.hypot(pulseNoise, isElsewhere ? elsewhereNoise : 0);
  const quiet: SeenBound = { row: spitRow, low: dense, high: Infinity, noise };
  const between = (low: number, high: number): SeenBound => ({ row: depthRow, low, high, noise });
  switch (look) {
    case 'loose':
      return [between(-Infinity, from), quiet];
    case 'joined':
      return [between(from, to), quiet];
    case 'through':
      return [between(to, Infinity), quiet];
    case 'blown':
      return [{ row: spitRow, low: -Infinity, high: dense, noise }];
  }
}

/**
 * Odds of each look of the next weld like this, with what its machine's table leaves open of the energy.
 *
 * @returns summing to 1
 */
export function pulseOdds(
  belief: ThresholdBelief,
  table: LampEnergy,
  job: LampJob,
  weld: PulsedWeld,
): PulseOdds {
  const { from, to, dense } = lnFigures(job, weld);
  const noise = Math.hypot(pulseNoise, table.sd);
  const spits = chanceBelow(belief, spitRow, dense, noise);
  const short = chanceBelow(belief, depthRow, from, noise);
  const notThrough = chanceBelow(belief, depthRow, to, noise);
  return {
    loose: (1 - spits) * short,
    joined: (1 - spits) * (notThrough - short),
    through: (1 - spits) * (1 - notThrough),
    blown: spits,
  };
}

/** Chance that it holds as deep as is wanted without spitting. */
export function deepEnough(
  belief: ThresholdBelief,
  table: LampEnergy,
  job: Pick<LampJob, 'wanted'>,
  { holds, dense }: PulsedWeld,
): number {
  const noise = Math.hypot(pulseNoise, table.sd);
  const short = chanceBelow(belief, depthRow, Math.log(job.wanted / Math.max(holds, leastDepth)), noise);
  return (1 - short) * (1 - chanceBelow(belief, spitRow, Math.log(Math.max(dense, 1e-6)), noise));
}

/** What the shop's welds make of a computed depth: times what, in the middle and at the ends of the middle four fifths. */
export function depthTimes(belief: ThresholdBelief): {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
} {
  const { mean, sd } = thresholdAlong(belief, depthRow);
  const at = (deviations: number) => Math.exp(mean + deviations * Math.hypot(sd, pulseNoise));
  return { middle: at(0), low: at(-fourFifths), high: at(fourFifths) };
}

/** Depths below this are none; so that a logarithm can be taken. */
const leastDepth = 1e-6;

function lnFigures(job: LampJob, { depth, dense, holds }: PulsedWeld) {
  const { from, to } = joinedBetween(job);
  return {
    from: Math.log(from / Math.max(holds, leastDepth)),
    // What shows behind is the spots' middles; where they are no deeper than what holds, that is it.
    to: Math.max(Math.log(to / Math.max(depth, leastDepth)), Math.log(from / Math.max(holds, leastDepth))),
    dense: Math.log(Math.max(dense, leastDepth)),
  };
}
