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
  type TackJoint,
  type Bevel,
} from './Joint.js';
export { seamKinds, seamRow, type seamTable, type SeamKind, type SeamRow } from './seamTable.js';
export { bevelRanges, seamSizes, sheetRange, tackRanges, type SeamSize } from './sizeRanges.js';
export { jointThermal, throatOf, type JointThermal } from './jointThermal.js';
export { ownLeg } from './ownLeg.js';
export { heatDirectionsWhy } from './heatDirectionsWhy.js';
export { farFace, type FarFace } from './farFace.js';
export { metalNeeded, usualCrown, type MetalNeeded } from './metalNeeded.js';
export { gapBorne, gapAsKnob, edgesBeyondGap, type GapBorne } from './gapBorne.js';
export { beamAim, type BeamAim } from './beamAim.js';
export { gasShelter, type GasShelter } from './gasShelter.js';
export { nozzleFor, nozzleShapes, type NozzleChoice, type NozzleShape } from './nozzleFor.js';
export {
  backings,
  backingTable,
  surfaces,
  surfaceTable,
  positions,
  positionTable,
  type Backing,
  type SurfaceState,
  type WeldingPosition,
} from './conditionTables.js';
export type { SeamRun, JointConditions } from './JointConditions.js';
export { backingFor, type BackingChoice } from './backingFor.js';
export { seamStitches, weldedLength, type Stitch } from './seamRun.js';
export { notInTheModel, type NotInTheModel } from './notInTheModel.js';
export { jointOutline, type JointOutline, type PointMm, type PolygonMm } from './jointOutline.js';
export { meltPlace, type MeltPlace } from './meltPlace.js';
