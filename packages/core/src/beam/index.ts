export { wobbleFrom, wobbleNames, wobbleShapes, type Wobble, type WobbleShape } from './Wobble.js';
export { wobblePathInto } from './wobblePath.js';
export { meanPathSpeed, peakPathSpeed } from './pathSpeed.js';
export { advancePerCycle, sweepsOverOnePlace } from './sweepSpacing.js';
export { energyMapInto, type EnergyMapInput, type MapGrid } from './energyMap.js';
export { sweepSpeed, sweepFrequency } from './panelSweep.js';
export { pulsedSeam, travelForOverlap, type PulseTrain, type PulsedSeam } from './pulsedSeam.js';
export {
  fibreLaserWavelength,
  spotAtFocus,
  rayleighLength,
  spotOffFocus,
  widestWobble,
  type GunOptics,
} from './spot.js';
