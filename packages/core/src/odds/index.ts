export { depthSpread } from './depthSpread.js';
export { couponsToLand } from './couponsToLand.js';
export { outcomeOdds, oddsWithin, type OutcomeOdds } from './outcomeOdds.js';
export { beliefMoments, beliefOfSpread, weldScatter, type DepthBelief } from './depthBelief.js';
export { beliefOdds } from './beliefOdds.js';
export { calibration, type CalibrationBin } from './calibration.js';
