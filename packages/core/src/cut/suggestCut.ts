import type { ThresholdBelief } from '../evidence/index.js';
import { snapToKnob, type KnobRange } from '../machine/index.js';
import { fraction, metre, metrePerSecond } from '../quantity/index.js';
import { oddsWithin } from './cutEvidence.js';
import { cutLimits } from './cutFigures.js';
import type { CutAim, CutJob, CutSetting, PieceLook, PieceOdds } from './CutJob.js';

/** What each look costs for an aim; e times as long a cut; e times as much light in a metre of it. Planning weights. */
const losses: Readonly<
  Record<CutAim, Readonly<Record<Exclude<PieceLook, 'through'> | 'time' | 'heat', number>>>
> = {
  clean: { beard: 0.5, weldedShut: 1, sparksUp: 1.2, time: 0.02, heat: 0.01 },
  quick: { beard: 0.2, weldedShut: 1, sparksUp: 1.2, time: 0.12, heat: 0 },
  cool: { beard: 0.35, weldedShut: 1, sparksUp: 1.2, time: 0.01, heat: 0.08 },
};

/** What a look of the next piece is expected to cost. */
function cutLoss(aim: CutAim, { beard, weldedShut, sparksUp }: PieceOdds): number {
  const cost = losses[aim];
  return beard * cost.beard + weldedShut * cost.weldedShut + sparksUp * cost.sparksUp;
}

/** Paces at which a hand keeps a line, mm/s; round ones are slower. */
const paces = { straight: [4, 6, 8, 11, 15, 20, 26], round: [3, 4, 5, 7, 9, 12] } as const;
/** What one more knob costs: pulses are taken where they are worth it. */
const pulsing = 0.01;
/** Past the limit every pace is lost; the least past it is still the nearest to a cut. */
const pastLimit = 0.3;

/**
 * The setting that is expected to cost least for the aim: power, duty and a pace that a steady hand keeps, in the machine's
 * steps. The fastest cut is seldom it: a hand does not hold it.
 */
export function suggestCut(job: CutJob, belief: ThresholdBelief): CutSetting {
  const { head, thickness, line, aim } = job;
  let best: CutSetting | null = null;
  let least = Infinity;
  for (const power of powers(head.power))
    for (const [duty, pulses] of lights(head)) {
      const light = { power, duty, pulses, focus: focusFor(thickness), standoff: metre(1e-3) };
      const limits = cutLimits(job, light);
      for (const mmS of paces[line]) {
        const travel = metrePerSecond(mmS / 1000);
        const cost =
          cutLoss(aim, oddsWithin(belief, limits, travel)) -
          losses[aim].time * Math.log(travel) +
          losses[aim].heat * Math.log((power * duty) / travel) +
          pastLimit * Math.max(0, Math.log(travel / limits.energyLimit)) +
          (pulses === null ? 0 : pulsing);
        if (cost < least) [best, least] = [{ ...light, travel }, cost];
      }
    }
  if (best === null) throw new Error('a cutting head has settings');
  return best;
}

/** On the face of thin sheet, a third into thick. */
function focusFor(thickness: number) {
  return metre(thickness <= 1.5e-3 ? 0 : Math.round((thickness / 3) * 1e4) / 1e4);
}

function powers(range: KnobRange<CutSetting['power']>) {
  const from = Math.max(range.least, range.most / 10);
  const values = Array.from({ length: 14 }, (_, i) =>
    snapToKnob(range, (from * (range.most / from) ** (i / 13)) as CutSetting['power']),
  );
  return new Set(values);
}

/** Light that stays on, and pulses in the middle of what the machine has. */
function lights({ duty, pulses }: CutJob['head']) {
  const on = [fraction(1), null] as const;
  if (duty === null || pulses === null) return [on];
  const rate = snapToKnob(pulses, Math.sqrt(pulses.least * pulses.most) as typeof pulses.least);
  return [on, ...[0.7, 0.5].map((share) => [snapToKnob(duty, fraction(share)), rate] as const)];
}
