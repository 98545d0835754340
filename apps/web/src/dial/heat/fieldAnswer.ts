import {
  coolUntil,
  gloveHolds,
  meltedBead,
  nextPassBelow,
  seamHeat,
  tintLeft,
  type MeltedBead,
  type SeamHeat,
  type SteadyEffort,
  type TintLeft,
  type WeldHeatInput,
} from '@lone-heron/core';

/** A field with what is read off it. */
export interface FieldAnswer {
  readonly heat: SeamHeat;
  readonly bead: MeltedBead;
  /** Null for metals that show none. */
  readonly tint: TintLeft | null;
  /** Seconds after the gun; null where it takes more than an hour. */
  readonly gloveAfter: number | null;
  readonly nextPassAfter: number | null;
}

/** Solves the field and reads it; nothing is read off one that has not settled. */
export function fieldAnswer(
  task: WeldHeatInput,
  effort: SteadyEffort,
): FieldAnswer | { readonly fault: string } {
  const heat = seamHeat(task, effort);
  if (!heat.isConverged) return { fault: notSettled };
  return {
    heat,
    bead: meltedBead(heat),
    tint: tintLeft(heat, task.metal),
    gloveAfter: coolUntil(heat, gloveHolds),
    nextPassAfter: coolUntil(heat, nextPassBelow[task.metal.family]),
  };
}

const notSettled =
  'The field of this setting did not settle, so there is nothing to show. The odds and the section do not rest on it. Turn a knob a little and it is tried again.';
