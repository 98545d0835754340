export { planChangeovers, exactUpTo } from './changeovers.js';
export { spreadSeams } from './spreadSeams.js';
export { seamCost } from './seamCost.js';
export { metreOfSeam } from './metreOfSeam.js';
export { planWeldOrder, orderCost } from './weldOrder.js';
export { cycleIn } from './precedence.js';
export { payback } from './payback.js';
