export { figureOf } from './figureOf.js';
export { RangeFault, describeFault, type FaultDetail } from './RangeFault.js';
export { requireWithin, describeRange, type AllowedRange } from './requireWithin.js';
