import { learnTint, seamHeat, tintLeft, type TintBelief, type TintReading } from '@lone-heron/core';
import { answerWork } from '../../shared/worker/answerWork.js';
import type { TintTask } from './tintTask.js';

/** Works out what colour each coupon should have, and what its photo says of that. A field that does not settle says nothing. */
answerWork(({ coupons }: TintTask, sayDone): TintBelief => {
  const readings = coupons.flatMap(({ input, read }, at): TintReading[] => {
    sayDone(at / coupons.length);
    const heat = seamHeat(input);
    const left = heat.isConverged ? tintLeft(heat, input.metal) : null;
    return left === null ? [] : [{ read, computed: left.front }];
  });
  return learnTint(readings);
});
