import { beliefOdds } from '../odds/index.js';
import { metrePerSecond, mm } from '../quantity/index.js';
import { expectedLoss, lossesOf } from './aimLosses.js';
import { forecastUnguarded, type WeldForecast } from './forecastWeld.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** What an unsteady hand does: its pace a fifth off, its line three tenths of a millimetre, the gap two wider. */
const unsteady = { paces: [0.8, 1, 1.2], off: mm(0.3), gap: mm(0.2) } as const;

/**
 * What an aim expects a setting to cost: the forecast's loss; for the one that forgives an unsteady hand its mean over
 * such a hand.
 *
 * @example
 * lossForAim(sampleJob(), sampleSetting, forecastWeld(sampleJob(), sampleSetting)).toFixed(2) // => '0.45'
 */
export function lossForAim(job: WeldJob, setting: WeldSetting, forecast: WeldForecast): number {
  if (job.aim.kind !== 'wideForgiving') return forecast.loss;
  const losses = unsteady.paces.flatMap((pace) => {
    const paced =
      pace === 1 ? forecast : forecastUnguarded(job, setting, metrePerSecond(forecast.travel * pace));
    return [paced.loss, lossOffLine(job, paced), lossAcrossGap(job, paced)];
  });
  return losses.reduce((sum, loss) => sum + loss, 0) / losses.length;
}

/** Half an ellipse of melt is shallower beside its middle, and there is none beyond its edge. */
function lossOffLine(job: WeldJob, forecast: WeldForecast): number {
  const { prediction, belief, aimed } = forecast;
  const losses = lossesOf(job.aim, job.losses);
  const aside = (2 * unsteady.off) / prediction.width;
  if (aside >= 1) return losses.cold;
  const reach = prediction.reach * Math.sqrt(1 - aside * aside);
  return expectedLoss(beliefOdds(reach, belief, aimed, job.runs ?? 1), losses);
}

/** A gap that opens leaves less room between even and a hole. */
function lossAcrossGap(job: WeldJob, forecast: WeldForecast): number {
  const { prediction, belief, aimed } = forecast;
  const thickness = prediction.depth / prediction.reach;
  const closes = Math.max(0, 1 - (2 * unsteady.gap) / Math.max(thickness, unsteady.gap));
  const narrowed = (limit: number) => aimed.fullFrom + (limit - aimed.fullFrom) * closes;
  const limits = { ...aimed, hotFrom: narrowed(aimed.hotFrom), holeFrom: narrowed(aimed.holeFrom) };
  return expectedLoss(
    beliefOdds(prediction.reach, belief, limits, job.runs ?? 1),
    lossesOf(job.aim, job.losses),
  );
}
