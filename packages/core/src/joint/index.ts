export {
  jointKinds,
  seamOf,
  tackTravel,
  thinnerSheet,
  type Joint,
  type JointKind,
  type SeamJoint,
  takesBevel,
  type BevelKind,
  type SeamOf,
  type Bevel,
} from './Joint.js';
export { seamKinds, seamRow, type seamTable, type SeamKind, type SeamRow } from './seamTable.js';
export { bevelRanges, seamSizes, sheetRange, tackRanges, type SeamSize } from './sizeRanges.js';
export { jointThermal, type JointThermal } from './jointThermal.js';
export { ownLeg } from './ownLeg.js';
export { heatDirectionsWhy } from './heatDirectionsWhy.js';
export { farFace } from './farFace.js';
export { metalNeeded, usualCrown } from './metalNeeded.js';
export { gapBorne, gapAsKnob } from './gapBorne.js';
export { beamAim, type BeamAim } from './beamAim.js';
export { gasShelter } from './gasShelter.js';
export { nozzleFor, nozzleShapes, type NozzleChoice, type NozzleShape } from './nozzleFor.js';
export {
  backings,
  backingTable,
  surfaces,
  surfaceTable,
  positions,
  positionTable,
  type Backing,
  type WeldingPosition,
} from './conditionTables.js';
export type { JointConditions } from './JointConditions.js';
export { backingFor } from './backingFor.js';
export { seamStitches, weldedLength } from './seamRun.js';
export { roundSeam } from './roundSeam.js';
export { notInTheModel } from './notInTheModel.js';
export { jointOutline, type JointOutline, type PointMm, type PolygonMm } from './jointOutline.js';
export { meltPlace } from './meltPlace.js';
