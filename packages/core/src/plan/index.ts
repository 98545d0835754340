export { planChangeovers, exactUpTo } from './changeovers.js';
export { spreadSeams } from './spreadSeams.js';
export { seamCost, type SeamCost, type SeamUse } from './seamCost.js';
export { metreOfSeam } from './metreOfSeam.js';
export { planWeldOrder, orderCost, type OrderInput, type WeldOrder } from './weldOrder.js';
export { cycleIn } from './precedence.js';
export { payback } from './payback.js';
export { seamWork, type SeamWorkInput } from './seamWork.js';
export { tackPlan, tackSpacing } from './tackPlan.js';
export {
  learnedRatio,
  summedBand,
  type LearnedRatio,
  type RatioGuess,
  type SummedBand,
} from './learnedRatio.js';
