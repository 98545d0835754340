export { wobbleOffsetInto } from './wobbleOffset.js';
export { wobbleFrom, wobbleNames, wobbleShapes, type Wobble, type WobbleShape } from './Wobble.js';
export { wobblePathInto } from './wobblePath.js';
export { meanPathSpeed, peakPathSpeed } from './pathSpeed.js';
export { advancePerCycle, sweepsOverOnePlace } from './sweepSpacing.js';
export { energyMapInto, type MapGrid } from './energyMap.js';
export { sweepSpeed, sweepFrequency } from './panelSweep.js';
export { pulsedSeam, travelForOverlap } from './pulsedSeam.js';
export { spotAtFocus, rayleighLength, spotOffFocus, widestWobble } from './spot.js';
