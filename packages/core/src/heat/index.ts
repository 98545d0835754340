export { thickPlateTemperature, thinPlateTemperature, type MovingSource } from './rosenthal.js';
export { distanceFromFusion, peakTemperature, type LaidHeat } from './peakTemperature.js';
export { coolingTime, type CoolingInput } from './coolingTime.js';
export { partWarming, type PartWarmingInput } from './partWarming.js';
export { tintBands, type SeamTint, type TintBands, type TintInput } from './tintBands.js';
export { distortion, type Distortion, type DistortionInput } from './distortion.js';
