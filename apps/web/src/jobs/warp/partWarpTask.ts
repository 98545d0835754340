import { weldTacks, type HouseContent, type JobDraft, type JobWeld } from '@lone-heron/contract';
import {
  mm,
  radian,
  seamRow,
  type PartHeatInput,
  type PartSeam,
  type PartWarpInput,
  type WarpSeam,
} from '@lone-heron/core';
import { partHeatTask } from '../heat/partHeatTask.js';
import type { JobPlan, PlannedWeld } from '../plan/planJob.js';

/** A picture's seams with what they do to their sheets, and the order they stand in. */
export interface PartWarpTask {
  readonly heat: PartHeatInput;
  readonly warp: PartWarpInput;
  readonly marks: readonly string[];
}

/**
 * What the part's bending is worked out from; null where no picture holds two seams and more.
 *
 * @param beyondMm sheet beside the outermost seams
 */
export function partWarpTask(
  job: JobDraft,
  plan: JobPlan,
  house: Pick<HouseContent, 'practice'>,
  beyondMm: number,
): PartWarpTask | null {
  const heat = partHeatTask(job, plan);
  if (heat === null) return null;
  const { metal, thickness } = heat.input;
  const seams = heat.input.seams.flatMap((seam) => {
    const weld = job.welds.find(({ mark }) => mark === seam.mark);
    const planned = plan.welds.find(({ mark }) => mark === seam.mark);
    return weld === undefined || planned === undefined ? [] : [warpSeam(seam, weld, planned, house)];
  });
  return {
    heat: { ...heat.input, keepsFrames: false },
    warp: { metal, thickness, seams, beyond: mm(beyondMm) },
    marks: heat.marks,
  };
}

/** Whether the part is taken for one flat sheet: no weld of it has another pose, so nobody turns it. */
export function isTakenFlat({ welds }: JobDraft): boolean {
  return new Set(welds.map(({ pose }) => pose)).size <= 1;
}

function warpSeam(
  seam: PartSeam,
  weld: JobWeld,
  { shrinkageMm, turnRad }: PlannedWeld,
  house: Pick<HouseContent, 'practice'>,
): WarpSeam {
  const row = seamRow(weld.joint.kind);
  const drawn = Math.hypot(seam.to[0] - seam.from[0], seam.to[1] - seam.from[1]);
  // What the list says of its length goes by the picture's.
  const scale = drawn / mm(weld.lengthMm);
  const { stitches } = weld.joint.conditions ?? { stitches: null };
  return {
    ...seam,
    shrinkage: mm(shrinkageMm),
    turn: radian(turnRad),
    parts: row.weldedAlike !== 'intoCorner' && weld.joint.kind !== 'plug',
    otherSide: row.secondSide !== null,
    stitches:
      stitches === null
        ? null
        : { length: mm(stitches.lengthMm) * scale, pitch: mm(stitches.pitchMm) * scale },
    tacks: weldTacks(weld, house).map((at) => at * scale),
  };
}
