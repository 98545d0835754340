import { backingTable } from '../joint/index.js';
import { barDraw } from '../melt/index.js';
import { roomTemperature } from '../metal/index.js';
import { saidDegrees, saidLength } from '../quantity/index.js';
import type { WeldForecast } from './forecastWeld.js';
import { meltInputOf, plainBead } from './meltInputOf.js';
import type { WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';

/** Less than this is not felt, K. */
const felt = 5;

/**
 * What of the part and what lies behind it is in the figures, in words.
 *
 * @example
 * partCounted({ ...sampleJob(), backing: 'copper' }, sampleSetting, forecastWeld(sampleJob(), sampleSetting)).length // => 1
 */
export function partCounted(job: WeldJob, setting: WeldSetting, forecast: WeldForecast): readonly string[] {
  return [edgeWords(job, forecast), barWords(job, setting, forecast)].filter((words) => words !== null);
}

function edgeWords({ freeEdge, saidIn }: WeldJob, { start }: WeldForecast): string | null {
  if (freeEdge === undefined) return null;
  const rise = start - roomTemperature;
  const edges = `The free edges ${saidLength(freeEdge, saidIn)} away on either side`;
  return rise < felt
    ? `${edges} are not felt at this pace: the figures are those of a large sheet.`
    : `${edges} throw heat back: the metal before the gun is about ${saidDegrees(Math.round(rise), saidIn)} warmer, which the figures count. A second pass finds it warmer still.`;
}

function barWords(job: WeldJob, setting: WeldSetting, { prediction, travel }: WeldForecast): string | null {
  const draw = barDraw(meltInputOf(job, setting, travel), plainBead(job, setting));
  if (draw === 0) return null;
  const taken = prediction.absorptivity * setting.power * setting.duty;
  const { said } = backingTable[job.backing ?? 'none'];
  return `${said.replace('a ', 'The ').replace(' behind', '')} takes about ${draw.toFixed(0)} W of the ${taken.toFixed(0)} W that go in, which the figures count. How well it touches is a guess: three times as much, or a third, may be true.`;
}
