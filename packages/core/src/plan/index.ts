export { planChangeovers, exactUpTo } from './changeovers.js';
export { spreadSeams } from './spreadSeams.js';
export { seamCost, type SeamCost, type SeamUse } from './seamCost.js';
export { metreOfSeam } from './metreOfSeam.js';
export { planWeldOrder, orderCost, type OrderInput } from './weldOrder.js';
export { cycleIn } from './precedence.js';
export { broughtInAfter, payback, type PaybackInput } from './payback.js';
export { seamWork } from './seamWork.js';
export { tackPlan, tackSpacing } from './tackPlan.js';
export {
  eightyPercent,
  learnedRatio,
  summedBand,
  type LearnedRatio,
  type SummedBand,
} from './learnedRatio.js';
