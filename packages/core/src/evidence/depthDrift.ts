import { fourFifths } from '../numeric/index.js';
import { fitIntervals } from './fitIntervals.js';

/** What one weld showed: bounds of ln(real depth/model depth), equal for a measured one. */
export interface DriftReading {
  readonly low: number;
  readonly high: number;
  /** Standard deviation of the reading. */
  readonly noise: number;
}

/** How much deeper the newer welds of one setting are than the older ones. */
export interface DepthDrift {
  /** As a share: -0.12 for 12 % shallower. */
  readonly change: number;
  /** The interval that holds four times in five. */
  readonly low: number;
  readonly high: number;
  /** Whether "no change" lies outside the interval that holds nine times in ten. */
  readonly isDrift: boolean;
}

/** Before any weld: how far a setting may be off the model, and how much it may change from one time to another. */
const prior = { level: 0.35, change: 0.2 };
const z90 = 1.6448536269514722;
/** Fewer welds on either side say nothing of a change. */
const leastReadings = 2;

/**
 * Whether the newer welds of a setting disagree with the older ones: ln depth with one step in it, everything else being
 * equal.
 *
 * @returns null where either side has fewer than two
 * @example
 * depthDrift([{ low: 0, high: 0, noise: 0.1 }, { low: 0, high: 0, noise: 0.1 }], [{ low: -0.4, high: -0.4, noise: 0.1 }, { low: -0.4, high: -0.4, noise: 0.1 }]).isDrift // => true
 */
export function depthDrift(
  older: readonly DriftReading[],
  newer: readonly DriftReading[],
): DepthDrift | null {
  if (older.length < leastReadings || newer.length < leastReadings) return null;
  const all = [...older, ...newer];
  const fit = fitIntervals({
    rows: all.map((_, i) => Float64Array.of(1, i < older.length ? 0 : 1)),
    low: all.map(({ low }) => low),
    high: all.map(({ high }) => high),
    noise: all.map(({ noise }) => noise),
    priorMean: [0, 0],
    priorSd: [prior.level, prior.change],
  });
  const mean = fit.mode[1] as number;
  const sd = Math.sqrt(fit.covariance.get(1, 1));
  return {
    change: Math.expm1(mean),
    low: Math.expm1(mean - fourFifths * sd),
    high: Math.expm1(mean + fourFifths * sd),
    isDrift: Math.abs(mean) > z90 * sd,
  };
}
