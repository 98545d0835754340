export {
  beamFromDataSheet,
  opticalDensityNeeded,
  hazardDistance,
  type LaserBeam,
  diffuseHazardDistance,
  planEyes,
  type EyePlan,
} from './eyeHazard.js';
export { airEnergy, waterEnergy, hoopStress } from './pressureTest.js';
export { gaugeClaim, type PressureGauge } from './gaugeClaim.js';
export { cautionsFor, type Caution } from './cautionsFor.js';
