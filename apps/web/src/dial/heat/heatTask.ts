import { weldHeatInput, type WeldedPart, type WeldHeatInput } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';

/** What of Dial's joint is sent to the worker; or why there is no heat field of it. */
export type HeatQuestion = { readonly task: WeldHeatInput } | { readonly why: string };

/** Asks for the heat of the setting as it stands. */
export function heatQuestion(
  { job, setting, forecast, conditions }: DialOutcome,
  part: WeldedPart,
): HeatQuestion {
  if (job.joint.kind === 'tack')
    return {
      why: 'A tack is over before its heat settles: the field is for a seam under way. Say the seam instead of the tack.',
    };
  if (job.joint.kind === 'plug')
    return {
      why: 'A plug’s heat goes round its hole, and this field follows a straight seam. There is no picture of it.',
    };
  return { task: weldHeatInput(job, setting, forecast, { backing: conditions.backing, part }) };
}
