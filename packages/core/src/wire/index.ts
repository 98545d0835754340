export { wireDiameterFor, wireDiameters, wireName, wireSizes, type WireSize } from './wireDiameter.js';
export { wireArea, travelFromWire, wireForTravel } from './wirePace.js';
export { fillers, fillerTable, fillerPurposes, type Filler } from './fillerTable.js';
export { fillersFor, type FillerAdvice } from './fillersFor.js';
export { paceAgainstWire, wireForSeam, spoolLeft, planPasses, type PaceAgainstWire } from './wireRun.js';
export { dressingLeft, type Dressing } from './dressingLeft.js';
export { nozzleWarming } from './nozzleWarming.js';
