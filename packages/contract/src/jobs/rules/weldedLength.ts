import { inMm, mm, seamStitches, weldedLength } from '@lone-heron/core';
import { coreConditions } from '../../joint/rules/toCore.js';
import type { JobWeld } from '../jobWeld.js';

/** Millimetres really welded of one seam, all its sides and the lap past its start together. */
export function weldedMm({
  joint,
  lengthMm,
  closing,
}: Pick<JobWeld, 'joint' | 'lengthMm' | 'closing'>): number {
  const { run } = coreConditions(joint);
  return inMm(weldedLength(run, mm(lengthMm), joint.sides ?? 1)) + (closing?.lapMm ?? 0) * (joint.sides ?? 1);
}

/** How often the light comes on for one seam. */
export function startsOf({ joint, lengthMm }: Pick<JobWeld, 'joint' | 'lengthMm'>): number {
  const { run } = coreConditions(joint);
  return seamStitches(run, mm(lengthMm), joint.sides ?? 1).length;
}
