import type { JobDraft, JobWeld } from '@lone-heron/contract';
import { findMetal, metre, type PartHeatInput, type PartSeam } from '@lone-heron/core';
import type { JobPlan } from '../plan/planJob.js';

/** A picture's seams as they are welded, and the order they stand in. */
export interface PartHeatTask {
  readonly photoId: string;
  readonly input: PartHeatInput;
  readonly marks: readonly string[];
}

/** What passes between two seams anyway, s: to line up and trim the wire. */
const passesAnyway = 20;
/** A rise that is let be where the next seam lies, K. */
const letBe = 80;
/** A run of one seam tells nothing of an order. */
const leastSeams = 2;

/**
 * The picture of a job on which most seams are placed, measured, with what its welds are welded with; null where there is none
 * with two and more.
 */
export function partHeatTask(job: JobDraft, plan: JobPlan): PartHeatTask | null {
  const tasks = job.pictures.flatMap(({ photoId, widthMm, heightShare }) => {
    if (widthMm === null) return [];
    const placed = job.welds.filter((weld) => weld.place?.photoId === photoId);
    const seams = placed.flatMap((weld) => seamOf(weld, plan, { widthMm, heightShare }) ?? []);
    const [first] = placed;
    if (first === undefined || seams.length < leastSeams) return [];
    const thickness = metre(Math.min(...placed.map(({ joint }) => joint.firstThicknessMm)) / 1000);
    const input = {
      metal: findMetal(first.joint.metal),
      thickness,
      seams,
      between: passesAnyway,
      letBe,
      keepsFrames: true,
    };
    const here = new Set(seams.map(({ mark }) => mark));
    const marks = plan.order.steps.map(({ mark }) => mark).filter((mark) => here.has(mark));
    return [{ photoId, input, marks }];
  });
  return tasks.toSorted((one, other) => other.input.seams.length - one.input.seams.length)[0] ?? null;
}

function seamOf(
  { mark, place, after }: JobWeld,
  plan: JobPlan,
  { widthMm, heightShare }: { widthMm: number; heightShare: number },
): PartSeam | null {
  const planned = plan.welds.find((each) => each.mark === mark);
  if (planned === undefined || place === null) return null;
  const at = ({ x, y }: { x: number; y: number }) =>
    [(x * widthMm) / 1000, (y * heightShare * widthMm) / 1000] as const;
  return {
    mark,
    from: at(place.from),
    to: at(place.to),
    travel: planned.travelMmS / 1000,
    absorbed: planned.absorbedW,
    beadWidth: planned.beadMm / 1000,
    passes: planned.passes,
    after,
  };
}
