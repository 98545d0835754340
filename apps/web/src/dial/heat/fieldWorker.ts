import type { WeldHeatInput } from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import { fieldAnswer } from './fieldAnswer.js';

/** A field starts with all of its power missing and is settled at this share of it. */
const settledAt = 2e-3;

answerWork((task: WeldHeatInput, sayDone) => {
  let furthest = 0;
  return fieldAnswer(task, {
    goOn: (_step, missing) => {
      const done = Math.log(Math.max(missing, settledAt)) / Math.log(settledAt);
      furthest = Math.max(furthest, Math.min(0.99, done));
      sayDone(furthest);
      return true;
    },
  });
});
