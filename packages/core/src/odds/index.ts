export { depthSpread } from './depthSpread.js';
export { couponsToLand } from './couponsToLand.js';
export { outcomeOdds, oddsWithin, type OutcomeOdds } from './outcomeOdds.js';
