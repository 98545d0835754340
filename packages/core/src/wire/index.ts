export {
  wireDiameterFor,
  wireDiameters,
  wireName,
  wireSizes,
  type WireChoice,
  type WireSize,
} from './wireDiameter.js';
export { wireArea, travelFromWire, wireForTravel } from './wirePace.js';
export {
  fillers,
  fillerTable,
  fillerPurposes,
  fillersByPair,
  type Filler,
  type FillerRow,
  type FillerGroup,
  type FillerOption,
  type FillerPurpose,
} from './fillerTable.js';
export { fillersFor, type FillerAdvice } from './fillersFor.js';
export {
  paceAgainstWire,
  wireForSeam,
  spoolLeft,
  planPasses,
  type PaceAgainstWire,
  type WireRun,
  type SpoolLeft,
  type PassPlan,
} from './wireRun.js';
export { dressingLeft, type Dressing } from './dressingLeft.js';
export { nozzleWarming, type NozzleWarming, type NozzleWarmingInput } from './nozzleWarming.js';
