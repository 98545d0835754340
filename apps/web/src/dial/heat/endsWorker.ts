import { mendEnds, type MendedEnds, type SeamEndsSetting, type WeldHeatInput } from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import { stoppedFault } from '../../shared/worker/askWorker.js';

/** A seam and what the gun does at its ends. */
export interface EndsTask {
  readonly input: WeldHeatInput;
  readonly setting: SeamEndsSetting;
}

answerWork(({ input, setting }: EndsTask, sayDone): MendedEnds | { fault: string } => {
  const ends = mendEnds(input, setting, (done) => {
    sayDone(done);
    return true;
  });
  return ends ?? { fault: stoppedFault };
});
