export { partWarp, type PartWarp } from './partWarp.js';
export { partWays, type OrderHeats, type PartWayId } from './partWays.js';
export { middleFirst } from './middleFirst.js';
export { placeOfNode, cornersOf, type FlatGrid } from './flatGrid.js';
export type { PartShape } from './offFlat.js';
export type { PartWarpInput, WarpSeam } from './WarpSeam.js';
