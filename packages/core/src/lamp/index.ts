export { discPulseRise } from './discPulse.js';
export { sealedDepth } from './sealedDepth.js';
