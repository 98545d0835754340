import type { ThresholdBelief } from '../evidence/index.js';
import { snapToKnob, type KnobRange } from '../machine/index.js';
import { fraction, metre, metrePerSecond } from '../quantity/index.js';
import type { CleanAim, CleanJob, CleanSetting, StripLook, StripOdds } from './CleanJob.js';
import { stripOdds } from './cleanEvidence.js';
import { cleanFigures } from './cleanFigures.js';

/** What each look costs for an aim, and what e times as long an area costs. Planning weights. */
const losses: Readonly<Record<CleanAim, Readonly<Record<Exclude<StripLook, 'bare'> | 'time', number>>>> = {
  bare: { untouched: 1, patchy: 0.7, marked: 0.9, time: 0.02 },
  quick: { untouched: 1, patchy: 0.5, marked: 0.3, time: 0.12 },
  tint: { untouched: 0.7, patchy: 0.5, marked: 1.2, time: 0.02 },
};

/** What a look of the next strip is expected to cost. */
function cleanLoss(aim: CleanAim, odds: StripOdds): number {
  const { untouched, patchy, marked } = losses[aim];
  return odds.untouched * untouched + odds.patchy * patchy + odds.marked * marked;
}

/** Pace of a hand that sweeps a face, and how far apart rows may lie on the safe side of stripes. */
const paces = [6, 10, 15, 25, 40].map((mmS) => metrePerSecond(mmS / 1000));
const fewestRows = 1.5;
const mostPasses = 4;
/** What one more knob costs: pulses are taken where they are worth it. */
const pulsing = 0.01;

/**
 * The setting that is expected to cost least for the aim: over power, duty, sweep width and rate, passes and pace, in the
 * machine's steps. Settings that leave stripes or warm the sheet past its limit at once are taken only where there is no other.
 *
 * @returns never none; what is wrong with it, {@link cleanFigures} says
 */
export function suggestClean(job: CleanJob, belief: ThresholdBelief): CleanSetting {
  let best: CleanSetting | null = null;
  let least = Infinity;
  for (const setting of candidates(job)) {
    // Odds take the longest, and no look costs less than nothing.
    const effort = effortOf(job, setting);
    if (effort >= least) continue;
    const cost = effort + cleanLoss(job.aim, stripOdds(belief, job, setting));
    if (cost < least) [best, least] = [setting, cost];
  }
  if (best === null) throw new Error('a cleaning head has settings');
  return best;
}

/** What a setting costs whatever comes of it. */
function effortOf(job: CleanJob, setting: CleanSetting): number {
  const figures = cleanFigures(job, setting);
  const secondsPerSquareCentimetre = 1e-4 / figures.areaRate;
  const isTooHot = figures.passRise > figures.riseLimit;
  const leavesStripes = figures.rowsOverOnePlace < fewestRows;
  return (
    losses[job.aim].time * Math.log(secondsPerSquareCentimetre) +
    (isTooHot ? 5 * (figures.passRise / figures.riseLimit) : 0) +
    (leavesStripes ? 10 : 0) +
    (setting.pulses === null ? 0 : pulsing) +
    // Passes that must wait for the sheet to cool cost the time of waiting.
    (figures.sheetRise > figures.riseLimit ? 0.05 : 0)
  );
}

/** In the first shape of the head: the others are a matter of taste and of the edge that is wanted. */
function* candidates({ head, width: face }: CleanJob): Generator<CleanSetting> {
  const shape = head.shapes[0] ?? 'line';
  const widths = spread(head.width, 3).map((width) => snapToKnob(head.width, metre(Math.min(width, face))));
  for (const power of spread(head.power, 9))
    for (const [duty, pulses] of lights(head))
      for (const width of new Set(widths))
        for (const rate of spread(head.rate, 4))
          for (let passes = 1; passes <= mostPasses; passes++)
            for (const travel of paces) yield { power, duty, pulses, shape, width, rate, passes, travel };
}

/** Light that stays on, and pulses as quick as the machine has them. */
function lights({ duty, pulses }: CleanJob['head']) {
  const on = [fraction(1), null] as const;
  if (duty === null || pulses === null) return [on];
  return [on, ...[0.7, 0.4].map((share) => [snapToKnob(duty, fraction(share)), pulses.most] as const)];
}

/** Values from the least to the most, as far apart in ratio as each other. */
function spread<Unit extends number>(range: KnobRange<Unit>, count: number): Unit[] {
  const from = Math.max(range.least, range.step, range.most / 40);
  const values = Array.from({ length: count }, (_, i) =>
    snapToKnob(range, (from * (range.most / from) ** (i / (count - 1))) as Unit),
  );
  return [...new Set(values)];
}
