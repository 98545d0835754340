export { thickPlateTemperature, thinPlateTemperature } from './rosenthal.js';
export { distanceFromFusion, peakTemperature, type LaidHeat } from './peakTemperature.js';
export { coolingTime } from './coolingTime.js';
export { partWarming } from './partWarming.js';
export { tintBands, type SeamTint, type TintBands } from './tintBands.js';
export { distortion, type Distortion } from './distortion.js';
export { neighbourWait } from './neighbourWait.js';
