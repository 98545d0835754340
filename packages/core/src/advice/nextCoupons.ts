import { informationGain, shopEvidence, type EvidenceWeld, type ShopEvidence } from '../evidence/index.js';
import { snapToKnob } from '../machine/index.js';
import {
  forecastWeld,
  knobRange,
  knobs,
  knobValue,
  repeatsHole,
  turnKnob,
  type Knob,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
} from '../settings/index.js';
import { evidenceWeldOf } from './evidenceWeldOf.js';

/** A coupon worth welding. */
export interface CouponIdea {
  /** Null for the same setting once more. */
  readonly turned: { readonly knob: Knob; readonly from: number; readonly to: number } | null;
  readonly setting: WeldSetting;
  readonly forecast: WeldForecast;
  /** Expected gain of information about the setting in question, nats. */
  readonly teaches: number;
}

/** The next coupon by what it is for. */
export interface NextCoupons {
  readonly mostLikelyToLand: CouponIdea;
  readonly teachesMost: CouponIdea;
}

/** Turns that are tried, as shares of where a knob stands. */
const turns = [-0.2, -0.1, -0.05, 0.05, 0.1, 0.2];

/**
 * The next coupon worth welding: the single turn that is expected to cost least, and the one expected to teach most about
 * the setting in question (by information, an exact sum over the looks). The same setting once more is among them,
 * unless it made a hole: then nothing that goes as deep is. Equal ones go to the smaller turn.
 *
 * @param isHoled whether the setting itself made a hole
 * @example
 * nextCoupons(sampleJob(), sampleSetting).teachesMost.teaches.toFixed(2) // => '0.40'
 */
export function nextCoupons(job: WeldJob, setting: WeldSetting, isHoled = false): NextCoupons {
  const question = evidenceWeldOf(job, setting);
  const evidence = job.evidence?.shop ?? shopEvidence(question, []);
  const all = [null, ...knobs.flatMap((knob) => turnsOf(job, setting, knob))].map((turned) =>
    ideaOf(job, setting, turned, { evidence, question }),
  );
  const [same] = all as [CouponIdea, ...CouponIdea[]];
  const safe = all.filter((idea) => isAdvisable(job, idea, isHoled ? same : null));
  const [first, ...others] = safe.length > 0 ? safe : [coolest(all)];
  const most = (value: (idea: CouponIdea) => number) =>
    others.reduce((best, next) => (value(next) > value(best) + 1e-9 ? next : best), first as CouponIdea);
  return {
    mostLikelyToLand: most(({ forecast }) => -forecast.loss),
    teachesMost: most(({ teaches }) => teaches),
  };
}

/** Less deep than what made a hole by so much at least. */
const lessDeep = 0.97;

function isAdvisable(job: WeldJob, { setting, forecast }: CouponIdea, holed: CouponIdea | null): boolean {
  if (repeatsHole(job, setting)) return false;
  return holed === null || forecast.expectedReach < lessDeep * holed.forecast.expectedReach;
}

function coolest(ideas: readonly CouponIdea[]): CouponIdea {
  return ideas.reduce((best, next) =>
    next.forecast.expectedReach < best.forecast.expectedReach ? next : best,
  );
}

function turnsOf(
  job: WeldJob,
  setting: WeldSetting,
  knob: Knob,
): readonly NonNullable<CouponIdea['turned']>[] {
  const range = knobRange(job.machine, knob);
  const from = knobValue(setting, knob);
  if (range === null || from === null) return [];
  const values = turns.map((share) => snapToKnob(range, from * (1 + share)));
  return [...new Set(values)]
    .filter((to) => to > 0 && to !== from)
    .sort((a, b) => Math.abs(a - from) - Math.abs(b - from))
    .map((to) => ({ knob, from, to }));
}

function ideaOf(
  job: WeldJob,
  setting: WeldSetting,
  turned: CouponIdea['turned'],
  { evidence, question }: { evidence: ShopEvidence; question: EvidenceWeld },
): CouponIdea {
  const changed = turned === null ? setting : turnKnob(setting, turned.knob, turned.to);
  return {
    turned,
    setting: changed,
    forecast: forecastWeld(job, changed),
    teaches: informationGain(evidence, question, evidenceWeldOf(job, changed)),
  };
}
