export { wobbleFrom, type Wobble, type WobbleShape } from './Wobble.js';
export { wobblePathInto } from './wobblePath.js';
export { meanPathSpeed, peakPathSpeed } from './pathSpeed.js';
export { advancePerCycle, sweepsOverOnePlace } from './sweepSpacing.js';
