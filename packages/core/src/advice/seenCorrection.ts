import {
  couponInterval,
  couponNoise,
  fitIntervals,
  type CouponFinding,
  type DepthCorrection,
} from '../evidence/index.js';
import type { WeldForecast, WeldJob, WeldSetting } from '../settings/index.js';
import { evidenceWeldOf } from './evidenceWeldOf.js';
import type { SeenWeld } from './SeenWeld.js';
import { toesFinding } from './toesFinding.js';

/** Without a look at the back, signs of cold or heat move the expected depth by this much of ln depth. */
const unseenShift = 0.15;

/**
 * How the real depth stands to the model's once a coupon was seen: the forecast's own expectation, moved by the look
 * at the back, or at toes and far side, as by one more coupon. Where nobody could see, by a fixed small step in the
 * direction of the other signs.
 */
export function seenCorrection(
  job: WeldJob,
  setting: WeldSetting,
  forecast: WeldForecast,
  seen: SeenWeld,
  leaning: 'cold' | 'hot' | 'right',
): DepthCorrection {
  const before = Math.log(forecast.expectedReach / forecast.prediction.reach);
  const finding = findingOf(seen);
  if (finding === null) {
    const shift = leaning === 'right' ? 0 : leaning === 'cold' ? -unseenShift : unseenShift;
    return { lnRatio: before + shift, sd: forecast.spread };
  }
  const weld = evidenceWeldOf(job, setting);
  const { thickness } = weld.melt;
  const { depth, width } = forecast.prediction;
  const far = weld.far === undefined ? {} : { far: weld.far };
  const { low, high } = couponInterval(finding, { thickness, depth, width, gap: weld.gap, ...far });
  const fit = fitIntervals({
    rows: [Float64Array.of(1)],
    low: [low],
    high: [high],
    noise: [couponNoise(weld, { by: 'look', isTravelMeasured: false })],
    priorMean: [before],
    priorSd: [forecast.spread],
  });
  return { lnRatio: fit.mode[0] as number, sd: Math.sqrt(fit.covariance.get(0, 0)) };
}

function findingOf({ back, toes }: SeenWeld): CouponFinding | null {
  if (back !== null) return { by: 'look', back };
  return toes === undefined || toes === 'oneSide' ? null : toesFinding(toes);
}
