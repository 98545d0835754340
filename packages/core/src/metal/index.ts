export type { Metal, MetalId, MetalFamily, MetalSpread } from './Metal.js';
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
export { tints, type Tint, type TintScale } from './tintScales.js';
export { zincThickness, steelUnderZinc, zincBoiledOff, zincBoilingPoint } from './zincCoat.js';
