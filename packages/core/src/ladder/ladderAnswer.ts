import { fourFifths } from '../numeric/index.js';
import { fitIntervals } from '../evidence/index.js';

/** What one coupon of a ladder showed: bounds of ln(depth in m), equal for a measured one. */
export interface LadderReading {
  /** Where each knob stood, above 0, in any unit that is the same over the ladder. */
  readonly values: readonly number[];
  readonly low: number;
  readonly high: number;
  /** Standard deviation of the reading in ln depth. */
  readonly noise: number;
}

/** What a ladder says of one knob. */
export interface KnobAnswer {
  /** Change of depth from the least to the most value of the ladder, as a share: 0.12 for 12 % deeper. */
  readonly change: number;
  /** The interval that holds four times in five. */
  readonly low: number;
  readonly high: number;
  /** An effect that cannot be none; none within 5 %; or open. */
  readonly verdict: 'effect' | 'none' | 'open';
}

/** What a ladder says. */
export interface LadderAnswer {
  readonly knobs: readonly KnobAnswer[];
  readonly isSettled: boolean;
  /** Depth with one standard deviation of it, m, for any values of the knobs. */
  readonly depthAt: (values: readonly number[]) => {
    readonly depth: number;
    readonly low: number;
    readonly high: number;
  };
}

/** Before any coupon: how far the depth in the middle may be off the model, and how much a knob may do over its range. */
const prior = { middle: 0.35, knob: 0.5, pair: 0.15 };
/** Within this share either way a knob does nothing that a shop would notice. */
const noneWithin = 0.05;

/**
 * What the coupons of a ladder say of its knobs by themselves: ln depth on a line over the logarithms of the knobs, with
 * the pairs of knobs beside them where there are more than one, and without what the model believes a knob does. A
 * ladder is settled where for every knob the 80 % interval excludes no effect or lies within 5 % of none.
 *
 * @param middleDepth what the model says in the middle of the ladder, m
 * @param ranges of each knob over the ladder, least and most, above 0
 * @param readings in any order; none gives what is believed before any coupon
 * @example
 * ladderAnswer(0.002, [{ least: 700, most: 900 }], []).isSettled // => false
 */
export function ladderAnswer(
  middleDepth: number,
  ranges: readonly { readonly least: number; readonly most: number }[],
  readings: readonly LadderReading[],
): LadderAnswer {
  const rowOf = (values: readonly number[]) => rowAt(values, ranges);
  const pairs = (ranges.length * (ranges.length - 1)) / 2;
  const fit = fitIntervals({
    rows: readings.map(({ values }) => rowOf(values)),
    low: readings.map(({ low }) => low),
    high: readings.map(({ high }) => high),
    noise: readings.map(({ noise }) => noise),
    priorMean: [Math.log(middleDepth), ...ranges.map(() => 0), ...Array<number>(pairs).fill(0)],
    priorSd: [prior.middle, ...ranges.map(() => prior.knob), ...Array<number>(pairs).fill(prior.pair)],
  });
  const knobs = ranges.map((_, i) =>
    knobAnswer(fit.mode[i + 1] as number, Math.sqrt(fit.covariance.get(i + 1, i + 1))),
  );
  return {
    knobs,
    isSettled: knobs.every(({ verdict }) => verdict !== 'open'),
    depthAt: (values) => {
      const row = rowOf(values);
      let mean = 0;
      let variance = 0;
      row.forEach((x, j) => {
        mean += x * (fit.mode[j] as number);
        row.forEach((y, k) => (variance += x * y * fit.covariance.get(j, k)));
      });
      const sd = Math.sqrt(variance);
      return { depth: Math.exp(mean), low: Math.exp(mean - sd), high: Math.exp(mean + sd) };
    },
  };
}

/** 1, each knob from -1/2 at its least to 1/2 at its most, and their products. */
function rowAt(
  values: readonly number[],
  ranges: readonly { readonly least: number; readonly most: number }[],
): Float64Array {
  const places = ranges.map(
    ({ least, most }, i) =>
      Math.log((values[i] as number) / Math.sqrt(least * most)) / Math.log(most / least),
  );
  const products = places.flatMap((one, i) => places.slice(i + 1).map((other) => one * other));
  return Float64Array.from([1, ...places, ...products]);
}

function knobAnswer(mean: number, sd: number): KnobAnswer {
  const [low, high] = [Math.expm1(mean - fourFifths * sd), Math.expm1(mean + fourFifths * sd)];
  const verdict = low > 0 || high < 0 ? 'effect' : low >= -noneWithin && high <= noneWithin ? 'none' : 'open';
  return { change: Math.expm1(mean), low, high, verdict };
}
