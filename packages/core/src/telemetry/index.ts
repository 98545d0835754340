export { SampleClock } from './SampleClock.js';
export { LightWatch, type LightSpell } from './LightWatch.js';
export {
  curveKeys,
  stepFor,
  thinnedCurve,
  type CurveKey,
  type CurvePoint,
  type LightCurve,
} from './lightCurve.js';
