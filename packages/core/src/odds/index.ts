export { depthSpread } from './depthSpread.js';
export { couponsToLand } from './couponsToLand.js';
export { outcomeOdds, oddsWithin, type OutcomeOdds } from './outcomeOdds.js';
export { calibration, type CalibrationBin, type StatedChance } from './calibration.js';
