export type { SeamEnds, SeamEndsSetting } from './seamEnds.js';
export { mendEnds, type MendedEnds } from './mendEnds.js';
export { weldHeatInput, type WeldHeatInput, type WeldedPart } from './WeldHeatInput.js';
export { seamHeat, type SeamHeat } from './seamHeat.js';
export { tintLeft, type TintEdges, type TintLeft } from './tintLeft.js';
export { coolUntil, gloveHolds, nextPassBelow } from './coolUntil.js';
export { meltedBead, type MeltedBead } from './meltedBead.js';
export { faceLine, type Face, type FaceEdges } from './faces.js';
export { faceInto, frameAt, rasterInto, sectionRaster, type RasterWindow } from './raster.js';
export { seamWarp, type SeamWarp } from './seamWarp.js';
export {
  partHeat,
  type FollowedSeam,
  type PartHeat,
  type PartHeatInput,
  type PartOrder,
  type PartSeam,
} from './partHeat.js';
