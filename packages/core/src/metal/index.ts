export type { Metal, MetalId, MetalFamily } from './Metal.js';
export { metalTable } from './metalTable.js';
export { findMetal, dialledMetals, type DialledMetalId } from './findMetal.js';
export {
  roomTemperature,
  meltRise,
  diffusivity,
  liquidDiffusivity,
  heatToMelting,
  heatToMelt,
} from './thermal.js';
export { tints, type Tint } from './tintScales.js';
export { zincThickness, steelUnderZinc, zincBoiledOff, zincBoilingPoint } from './zincCoat.js';
export { coveredUntil } from './coveredUntil.js';
