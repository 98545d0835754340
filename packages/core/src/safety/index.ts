export {
  beamFromDataSheet,
  opticalDensityNeeded,
  hazardDistance,
  diffuseHazardDistance,
  planEyes,
  type LaserBeam,
  type DiffuseReflection,
  type EyePlan,
} from './eyeHazard.js';
export { airEnergy, waterEnergy, hoopStress } from './pressureTest.js';
export { gaugeClaim, type GaugeClaim, type PressureGauge } from './gaugeClaim.js';
export { cautionsFor, type Caution } from './cautionsFor.js';
