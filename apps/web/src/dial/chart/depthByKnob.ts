import {
  forecastWeld,
  expectedDepth,
  inMm,
  knobRange,
  stepCount,
  turnKnob,
  valueAtStep,
  type Knob,
} from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';

/** Depth at one value of a knob, in mm, with its band of one standard deviation. */
export interface DepthAtKnob {
  /** SI */
  readonly value: number;
  readonly low: number;
  readonly depth: number;
  readonly high: number;
  /** Whether an even line is expected. */
  readonly lands: boolean;
}

const points = 40;

/** The expected depth over a knob's whole reach with everything else held, as the coupons have it where there are any. */
export function depthByKnob({ job, setting }: DialOutcome, knob: Knob): readonly DepthAtKnob[] {
  const range = knobRange(job.machine, knob);
  if (range === null) return [];
  const stride = Math.max(1, Math.round(stepCount(range) / points));
  const rows: DepthAtKnob[] = [];
  for (let step = 0; step <= stepCount(range); step += stride) {
    const value = valueAtStep(range, step);
    if (value <= 0) continue;
    const { prediction, expectedReach, spread, aimed } = forecastWeld(job, turnKnob(setting, knob, value));
    const depth = inMm(expectedDepth({ prediction, expectedReach }));
    const lands = expectedReach >= aimed.fullFrom && expectedReach <= aimed.hotFrom;
    rows.push({
      value,
      low: depth * Math.exp(-spread),
      depth,
      high: depth * Math.exp(spread),
      lands,
    });
  }
  return rows;
}
