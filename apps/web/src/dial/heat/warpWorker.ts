import { seamHeat, seamWarp, type SeamWarp } from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import type { WarpTask } from './warpTask.js';

/** Warp of each way, in their order; null where its field did not settle. */
export interface WarpAnswer {
  readonly warps: readonly (SeamWarp | null)[];
}

answerWork(({ ways }: WarpTask, sayDone): WarpAnswer => ({
  warps: ways.map(({ input }, i) => {
    sayDone(i / ways.length);
    const heat = seamHeat(input);
    return heat.isConverged ? seamWarp(input, heat) : null;
  }),
}));
