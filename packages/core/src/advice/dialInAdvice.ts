import type { DepthCorrection } from '../evidence/index.js';
import { snapToKnob } from '../machine/index.js';
import { oddsWithin } from '../odds/index.js';
import {
  forecastWeld,
  knobRange,
  knobValue,
  repeatsHole,
  turnKnob,
  type Knob,
  type WeldForecast,
  type WeldJob,
  type WeldSetting,
} from '../settings/index.js';
import { diagnose, type Diagnosis } from './diagnose.js';
import { knobCost } from './knobCost.js';
import { seenCorrection } from './seenCorrection.js';
import type { SeenWeld } from './SeenWeld.js';

/** One knob, turned once. */
interface KnobTurn {
  readonly knob: Knob;
  /** SI, in the machine's own steps. */
  readonly from: number;
  readonly to: number;
  readonly setting: WeldSetting;
  /** Depth over thickness that is expected before and after. */
  readonly reachBefore: number;
  readonly reachAfter: number;
  /** Chance of an even line before and after, with what was seen. */
  readonly chanceBefore: number;
  readonly chanceAfter: number;
  readonly cost: string;
  /** Whether this turn alone is expected to land. */
  readonly isEnough: boolean;
}

/** What to do after a coupon: never more than one thing. */
export type DialInAdvice =
  | { readonly kind: 'keep'; readonly why: string }
  | { readonly kind: 'turn'; readonly turn: KnobTurn; readonly why: string }
  | { readonly kind: 'mend'; readonly action: string; readonly why: string }
  | { readonly kind: 'repeat'; readonly why: string }
  /** Every knob is at its end. */
  | { readonly kind: 'stuck'; readonly why: string };

/** The order hands try the knobs in: strength, wire, rate, width, and only then the rest. */
const order: readonly Knob[] = ['power', 'duty', 'wireSpeed', 'wobbleRate', 'wobbleWidth', 'travel'];

/** One change of a little: at most this share of where the knob stands. */
const largestTurn = 0.25;

/** Settings of a knob that are tried on the way to the largest turn. */
const tries = 24;

/**
 * The single change most likely to help after a coupon, how large, what it is expected to do and what it costs. Faults
 * that no knob cures come first; signs that contradict each other ask for the coupon again. A knob that cannot bring
 * the weld home by a quarter of its value gives way to the next in the order of practice, unless none can: then the
 * one that gets furthest, and the advice says that it is not enough alone.
 *
 * @throws RangeFault as {@link forecastWeld}
 * @example
 * dialInAdvice(sampleJob(), sampleSetting, { back: 'none', face: [], welding: [] }).why // => 'No mark behind: too cold.'
 */
export function dialInAdvice(job: WeldJob, setting: WeldSetting, seen: SeenWeld): DialInAdvice {
  const diagnosis = diagnose(seen);
  if (diagnosis.kind === 'mend') return diagnosis;
  if (diagnosis.kind === 'unclear') {
    return {
      kind: 'repeat',
      why: `${diagnosis.cold.join(', ')} speak for too cold, ${diagnosis.hot.join(', ')} for too hot: weld it again and watch the pace.`,
    };
  }
  if (diagnosis.kind === 'right') return { kind: 'keep', why: keepWhy(diagnosis.signs) };
  const forecast = forecastWeld(job, setting);
  const seenReach = seenCorrection(job, setting, forecast, seen, diagnosis.kind);
  const turn = bestTurn(job, setting, forecast, seenReach, diagnosis.kind);
  if (turn === null) {
    return {
      kind: 'stuck',
      why: `Too ${diagnosis.kind}, and every knob that helps is at its end on this machine.`,
    };
  }
  return { kind: 'turn', turn, why: turnWhy(diagnosis, turn) };
}

function keepWhy(signs: readonly string[]): string {
  return signs.length === 0
    ? 'Nothing speaks against it. Look at what can be seen of it, or cut it, before you trust it.'
    : `${capital(signs.join(', '))}: keep it, and weld it once more to be sure.`;
}

function turnWhy(diagnosis: Extract<Diagnosis, { signs: unknown }>, turn: KnobTurn): string {
  const heard = `${capital(diagnosis.signs.join(', '))}: too ${diagnosis.kind}.`;
  return turn.isEnough
    ? heard
    : `${heard} Near the end of what this machine does: one knob alone will not be enough.`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function bestTurn(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  seen: DepthCorrection,
  way: 'cold' | 'hot',
): KnobTurn | null {
  let furthest: KnobTurn | null = null;
  for (const knob of order) {
    const turn = turnTowards(job, setting, forecast, seen, { knob, way });
    if (turn === null) continue;
    if (turn.isEnough) return turn;
    if (furthest === null || turn.chanceAfter > furthest.chanceAfter) furthest = turn;
  }
  return furthest;
}

/** The least turn of one knob that is expected in the middle of the window, or else the largest; null where none helps. */
function turnTowards(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  seen: DepthCorrection,
  { knob, way }: { knob: Knob; way: 'cold' | 'hot' },
): KnobTurn | null {
  const range = knobRange(job.machine, knob);
  const from = knobValue(setting, knob);
  if (range === null || from === null) return null;
  const isMore = (way === 'cold') === deepens(knob);
  const before = forecast.prediction.reach * Math.exp(seen.lnRatio);
  const middle = Math.sqrt(forecast.aimed.fullFrom * forecast.aimed.hotFrom);
  let best: KnobTurn | null = null;
  let last = from;
  for (let i = 1; i <= tries; i++) {
    const wanted: number = from * (1 + ((isMore ? 1 : -1) * largestTurn * i) / tries);
    const to: number = snapToKnob(range, wanted);
    if (to === last || to > from !== isMore || to <= 0) continue;
    last = to;
    const turned = turnKnob(setting, knob, to);
    if (repeatsHole(job, turned)) continue;
    const { prediction, aimed } = forecastWeld(job, turned);
    const after = prediction.reach * Math.exp(seen.lnRatio);
    if (way === 'cold' ? after <= before : after >= before) continue;
    best = {
      knob,
      from,
      to,
      setting: turned,
      reachBefore: before,
      reachAfter: after,
      chanceBefore: oddsWithin(before, seen.sd, forecast.aimed.fullFrom, forecast.aimed.hotFrom),
      chanceAfter: oddsWithin(after, seen.sd, aimed.fullFrom, aimed.hotFrom),
      cost: knobCost(knob, isMore),
      isEnough: after >= aimed.fullFrom && after <= aimed.hotFrom,
    };
    if (way === 'cold' ? after >= middle : after <= middle) break;
  }
  return best;
}

/** Knobs that take the melt deeper when they are turned up; the others do when they are turned down. */
function deepens(knob: Knob): boolean {
  return knob === 'power' || knob === 'duty';
}
