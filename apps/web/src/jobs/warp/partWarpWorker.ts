import {
  middleFirst,
  partHeat,
  partWarp,
  partWays,
  type OrderHeats,
  type PartHeat,
  type PartOrder,
  type PartWarp,
  type PartWayId,
} from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import { stoppedFault } from '../../shared/worker/askWorker.js';
import type { PartWarpTask } from './partWarpTask.js';

/** A way of welding the part, and how it comes out of it. */
export interface WarpedWay {
  readonly id: PartWayId;
  readonly warp: PartWarp;
}

export interface PartWarpAnswer {
  readonly ways: readonly WarpedWay[];
}

/** Heat takes about this share of the work. */
const heatShare = 0.4;

answerWork(({ heat, warp, marks }: PartWarpTask, sayDone): PartWarpAnswer | { fault: string } => {
  const follow = (at: number, order: PartOrder, letBe = heat.letBe): PartHeat => {
    const followed = partHeat({ ...heat, letBe }, order, (done) => {
      sayDone((heatShare * (at + done)) / 4);
      return true;
    });
    if (followed === null) throw new Error(stoppedFault);
    return followed;
  };
  const heats: OrderHeats = {
    asItStands: follow(0, { kind: 'given', marks }),
    coolest: follow(1, { kind: 'coolest' }),
    middleFirst: follow(2, { kind: 'given', marks: middleFirst(warp.seams) }),
    atOnce: follow(3, { kind: 'given', marks }, Infinity),
  };
  const named = partWays(warp, heats);
  const ways = named.flatMap(({ id, way }, at): WarpedWay[] => {
    const warped = partWarp(warp, way, (done) => {
      sayDone(heatShare + ((1 - heatShare) * (at + done)) / named.length);
      return true;
    });
    return warped === null ? [] : [{ id, warp: warped }];
  });
  return { ways };
});
