import { forecastWeld, weldHeatInput, type Alternative, type WeldHeatInput } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';
import { handMath } from '../handMath.js';

/** A way to weld the joint whose warp is compared. */
interface WarpWay {
  readonly name: string;
  readonly input: WeldHeatInput;
  /** Share of the seam's length that is welded. */
  readonly welded: number;
}

export interface WarpTask {
  readonly ways: readonly WarpWay[];
}

const names: Readonly<Record<Alternative['name'], string>> = {
  coolAndQuick: 'Cool and quick',
  wideAndForgiving: 'Wide, forgiving',
  flatAndNarrow: 'Flat and narrow',
  steady: 'Steady',
};

/** Stitches that are compared: half of the length. */
const stitched = 0.5;

/** The setting as it stands, the other ways of the plate, and what changes the warp of the first. */
export function warpTask({ job, suggestion, conditions }: DialOutcome, task: WeldHeatInput): WarpTask {
  const { backing, part } = task;
  const others = handMath.alternatives(job, suggestion).map(({ name, setting }) => ({
    name: names[name],
    input: weldHeatInput(job, setting, forecastWeld(job, setting), { backing, part }),
    welded: 1,
  }));
  const isStitched = conditions.run.kind === 'stitched';
  return {
    ways: [
      { name: 'As dialled', input: task, welded: 1 },
      ...others,
      ...(isStitched ? [] : [{ name: 'Stitches, half of the length', input: task, welded: stitched }]),
      ...(backing === 'copper'
        ? []
        : [{ name: 'On a copper bar', input: { ...task, backing: 'copper' as const }, welded: 1 }]),
    ],
  };
}
