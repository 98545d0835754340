export {
  faceSigns,
  weldingSigns,
  type FaceSign,
  type SeenWeld,
  type ToesLook,
  type WeldingSign,
} from './SeenWeld.js';
export { toesFinding } from './toesFinding.js';
export { diagnose } from './diagnose.js';
export { dialInAdvice } from './dialInAdvice.js';
export { evidenceWeldOf } from './evidenceWeldOf.js';
export { nextCoupons, type CouponIdea } from './nextCoupons.js';
