export {
  faceSigns,
  toesLooks,
  weldingSigns,
  type FaceSign,
  type SeenWeld,
  type ToesLook,
  type WeldingSign,
} from './SeenWeld.js';
export { toesFinding } from './toesFinding.js';
export { diagnose, type Diagnosis } from './diagnose.js';
export { dialInAdvice, type DialInAdvice, type KnobTurn } from './dialInAdvice.js';
export { evidenceWeldOf } from './evidenceWeldOf.js';
export { nextCoupons, type CouponIdea, type NextCoupons } from './nextCoupons.js';
