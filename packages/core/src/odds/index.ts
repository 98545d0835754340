export { depthSpread } from './depthSpread.js';
export { couponsToLand } from './couponsToLand.js';
export { normalCdf } from './normalCdf.js';
export { outcomeOdds, oddsWithin, type OutcomeOdds } from './outcomeOdds.js';
