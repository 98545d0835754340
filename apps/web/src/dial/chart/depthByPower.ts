import { forecastWeld, inMm, stepCount, turnKnob, valueAtStep } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';

/** Depth at one power, in mm, with its band of one standard deviation. */
export interface DepthAtPower {
  readonly powerW: number;
  readonly low: number;
  readonly depth: number;
  readonly high: number;
}

const points = 40;

/** The model's depth over the machine's whole power with everything else held. */
export function depthByPower({ job, setting }: DialOutcome): readonly DepthAtPower[] {
  const { power } = job.machine;
  const stride = Math.max(1, Math.round(stepCount(power) / points));
  const rows: DepthAtPower[] = [];
  for (let step = 0; step <= stepCount(power); step += stride) {
    const powerW = valueAtStep(power, step);
    const { prediction, spread } = forecastWeld(job, turnKnob(setting, 'power', powerW));
    const depth = inMm(prediction.depth);
    rows.push({ powerW, low: depth * Math.exp(-spread), depth, high: depth * Math.exp(spread) });
  }
  return rows;
}
