export { planChangeovers, exactUpTo, type ChangeoverPlan } from './changeovers.js';
export { spreadSeams, type SeamPlace } from './spreadSeams.js';
export { seamCost, type SeamCost, type SeamUse, type ShopPrices } from './seamCost.js';
export { metreOfSeam, type MetreInput, type MetreOfSeam } from './metreOfSeam.js';
