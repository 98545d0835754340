export type { EvidenceWeld, EvidenceCoupon, CouponFinding } from './EvidenceWeld.js';
export { couponInterval } from './couponInterval.js';
export { couponNoise } from './couponNoise.js';
export { depthLine, lineRow } from './depthLine.js';
export { fitIntervals } from './fitIntervals.js';
export { epIntervals } from './epIntervals.js';
export { shopEvidence, type ShopEvidence } from './shopEvidence.js';
export { depthBelief } from './depthBelief.js';
export { disagreement } from './disagreement.js';
export { depthCorrection, type DepthCorrection } from './depthCorrection.js';
export { borrowedEvidence, type BorrowedEvidence } from './borrowedEvidence.js';
export { shopOffset, type ShopOffset } from './shopOffset.js';
export { couponInfluence } from './couponInfluence.js';
export { depthDrift, type DepthDrift, type DriftReading } from './depthDrift.js';
export { informationGain } from './informationGain.js';
export { fitConjugateLine, predictConjugateLine } from './conjugateLine.js';
export {
  learnThresholds,
  thresholdAlong,
  chanceBelow,
  type SeenBound,
  type ThresholdBelief,
} from './hiddenThresholds.js';
