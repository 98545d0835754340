import type { ThresholdBelief } from '../evidence/index.js';
import { snapToKnob, type KnobRange } from '../machine/index.js';
import { hertz, metrePerSecond, second } from '../quantity/index.js';
import { pulseEnergy, type LampEnergy } from './lampEnergy.js';
import { deepEnough, pulseOdds } from './lampEvidence.js';
import type { LampJob, LampSetting } from './LampJob.js';
import { joinedBetween, pulsedWeld } from './pulsedWeld.js';

/**
 * Loss of each look, of a weld that misses the depth that is wanted and of e times too shallow a one, of e times the energy
 * (it warms the part and wears the lamp), and of e times as long a seam. Planning weights.
 */
const losses = {
  ...{ loose: 1, through: 0.45, blown: 1, short: 0.6, shortBy: 0.1, energy: 0.03, time: 0.02 },
} as const;
const shallowest = 1e-6;
/** Who wants more than this share of all there is to melt has to bear that it shows behind, which then costs little. */
const nearlyThrough = 0.9;
const throughAsWanted = 0.05;

/** Spots a second: a hand sets single ones; a seam is followed as they come. */
const spotRate = 2;
const seamRates = [3, 5, 8, 12, 20];
/** A lamp's supply recharges between pulses: it is lit for no more than this share of the time. A starting figure. */
const mostOfTheTime = 0.1;
/** Share of a spot's width that the hand goes on from pulse to pulse. */
const steps = [0.2, 0.3, 0.4, 0.5];

/**
 * The pulse, and for a seam the pace, that is expected to cost least: joined as deep as is wanted with the least spatter,
 * within what the lamp bears at that rate.
 *
 * @returns null where no pulse of this machine can be repeated at any of its rates
 */
export function suggestPulses(job: LampJob, belief: ThresholdBelief, table: LampEnergy): LampSetting | null {
  let best: LampSetting | null = null;
  let least = Infinity;
  for (const setting of candidates(job, table)) {
    const cost = costOf(job, belief, table, setting);
    if (cost < least) [best, least] = [setting, cost];
  }
  return best;
}

function costOf(job: LampJob, belief: ThresholdBelief, table: LampEnergy, setting: LampSetting): number {
  const weld = pulsedWeld(job, setting, table);
  const odds = pulseOdds(belief, table, job, weld);
  return (
    odds.loose * losses.loose +
    odds.through * (job.wanted > nearlyThrough * joinedBetween(job).to ? throughAsWanted : losses.through) +
    odds.blown * losses.blown +
    (1 - deepEnough(belief, table, job, weld)) * losses.short +
    losses.shortBy * Math.max(0, Math.log(job.wanted / Math.max(weld.holds, shallowest))) +
    // Of pulses that melt nothing the densest is the nearest to one that does.
    losses.energy * Math.log(weld.depth > 0 ? heatOf(setting, weld.energy) : 1 / weld.dense) -
    (setting.travel === null ? 0 : losses.time * Math.log(setting.travel))
  );
}

/** What warms the part: a spot's energy, or what a seam gets while the hand goes on by the width of one. */
function heatOf({ travel, rate, spot }: LampSetting, energy: number): number {
  return travel === null ? energy : (energy * rate * spot) / travel;
}

function* candidates({ kind, head }: LampJob, table: LampEnergy): Generator<LampSetting> {
  for (const spot of head.spots)
    for (const width of spread(head.width, 6))
      for (const current of spread(head.current, 10))
        for (const wanted of kind === 'spot' ? [spotRate] : seamRates) {
          const rate = snapToKnob(head.rate, hertz(wanted));
          if (width * rate > mostOfTheTime) continue;
          if (pulseEnergy(table, { current, width }) * rate > head.meanPower) continue;
          const single: LampSetting = { current, width: second(width), rate, spot, travel: null };
          if (kind === 'spot') yield single;
          else
            for (const step of steps) yield { ...single, travel: metrePerSecond(round(step * spot * rate)) };
        }
}

/** To a tenth of a millimetre a second: nobody holds finer. */
function round(travel: number): number {
  return Math.max(Math.round(travel * 1e4), 1) / 1e4;
}

function spread<Unit extends number>(range: KnobRange<Unit>, count: number): Unit[] {
  const values = Array.from({ length: count }, (_, i) =>
    snapToKnob(range, (range.least * (range.most / range.least) ** (i / (count - 1))) as Unit),
  );
  return [...new Set(values)];
}
