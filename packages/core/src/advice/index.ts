export { faceSigns, weldingSigns, type FaceSign, type SeenWeld, type WeldingSign } from './SeenWeld.js';
export { diagnose, type Diagnosis } from './diagnose.js';
export { dialInAdvice, type DialInAdvice, type KnobTurn } from './dialInAdvice.js';
export { nextCoupons, evidenceWeldOf, type CouponIdea, type NextCoupons } from './nextCoupons.js';
