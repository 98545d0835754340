import { couponInterval, couponNoise, fitIntervals, type DepthCorrection } from '../evidence/index.js';
import { jointThermal, seamOf } from '../joint/index.js';
import type { WeldForecast, WeldJob, WeldSetting } from '../settings/index.js';
import { evidenceWeldOf } from './evidenceWeldOf.js';
import type { SeenWeld } from './SeenWeld.js';

/** Without a look at the back, signs of cold or heat move the expected depth by this much of ln depth. */
const unseenShift = 0.15;

/**
 * How the real depth stands to the model's once a coupon was seen: the forecast's own expectation, moved by the look
 * at the back as by one more coupon. Where the back cannot be seen, by a fixed small step in the direction of the
 * other signs.
 */
export function seenCorrection(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  back: SeenWeld['back'],
  leaning: 'cold' | 'hot' | 'right',
): DepthCorrection {
  const before = Math.log(forecast.expectedReach / forecast.prediction.reach);
  if (back === null) {
    const shift = leaning === 'right' ? 0 : leaning === 'cold' ? -unseenShift : unseenShift;
    return { lnRatio: before + shift, sd: forecast.spread };
  }
  const { thickness } = jointThermal(job.joint);
  const { depth, width } = forecast.prediction;
  const { gap } = seamOf(job.joint);
  const { low, high } = couponInterval({ by: 'look', back }, { thickness, depth, width, gap });
  const fit = fitIntervals({
    rows: [Float64Array.of(1)],
    low: [low],
    high: [high],
    noise: [couponNoise(evidenceWeldOf(job, setting), { by: 'look', isTravelMeasured: false })],
    priorMean: [before],
    priorSd: [forecast.spread],
  });
  return { lnRatio: fit.mode[0] as number, sd: Math.sqrt(fit.covariance.get(0, 0)) };
}
