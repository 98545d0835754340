export type { EvidenceWeld, EvidenceCoupon, CouponFinding, FarSide } from './EvidenceWeld.js';
export { couponInterval, type DepthInterval, type ModelFigures } from './couponInterval.js';
export { couponNoise, type CouponReading } from './couponNoise.js';
export { depthLine, lineRow, type DepthLine, type LineTerm } from './depthLine.js';
export { fitIntervals, type IntervalData, type IntervalFit } from './fitIntervals.js';
export { epIntervals, type EpData, type EpFit } from './epIntervals.js';
export {
  shopEvidence,
  type ShopEvidence,
  type ScatterFit,
  type UsedCoupon,
  type LeftOutWhy,
} from './shopEvidence.js';
export { depthBelief } from './depthBelief.js';
export { disagreement, type Disagreement } from './disagreement.js';
export { depthCorrection, type DepthCorrection } from './depthCorrection.js';
export { shopOffset, type ShopOffset } from './shopOffset.js';
export { couponInfluence, type CouponInfluence } from './couponInfluence.js';
export { depthDrift, type DepthDrift, type DriftReading } from './depthDrift.js';
export { informationGain } from './informationGain.js';
export {
  fitConjugateLine,
  predictConjugateLine,
  type ConjugateLine,
  type ConjugateLineInput,
  type StudentPrediction,
} from './conjugateLine.js';
