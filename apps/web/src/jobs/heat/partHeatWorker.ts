import { partHeat, type PartHeat, type PartOrder } from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import { stoppedFault } from '../../shared/worker/askWorker.js';
import type { PartHeatTask } from './partHeatTask.js';

/** The part in its own order, and with the coolest place always next. */
export interface PartHeatAnswer {
  readonly asItStands: PartHeat;
  readonly coolest: PartHeat;
}

answerWork(({ input, marks }: PartHeatTask, sayDone): PartHeatAnswer | { fault: string } => {
  const follow = (order: PartOrder, from: number) =>
    partHeat(input, order, (done) => {
      sayDone(from + done / 2);
      return true;
    });
  const asItStands = follow({ kind: 'given', marks }, 0);
  const coolest = follow({ kind: 'coolest' }, 0.5);
  return asItStands === null || coolest === null ? { fault: stoppedFault } : { asItStands, coolest };
});
