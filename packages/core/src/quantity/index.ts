export {
  metre,
  mm,
  inMm,
  metrePerSecond,
  mmPerSecond,
  inMmPerSecond,
  watt,
  hertz,
  kelvin,
  riseBetween,
  fraction,
  squareMetre,
  inSquareMm,
  joulePerMetre,
  inJoulePerMm,
  type Metre,
  type MetrePerSecond,
  type Watt,
  type Hertz,
  type Kelvin,
  type KelvinDifference,
  type SquareMetre,
  type JoulePerMetre,
  type Fraction,
} from './si.js';
export { sheetGaugeMm, type SheetFamily } from './sheetGauge.js';
export { gaugeTables } from './gaugeTables.js';
export { type Dimension } from './unitSpellings.js';
export { parseNumber } from './parseNumber.js';
export { parseQuantity, type ParsedQuantity, type ParseOptions } from './parseQuantity.js';
