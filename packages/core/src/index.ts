/** Lone Heron's arithmetic, domain by domain. Pure functions in SI; units at the edge are in every name or type. */

// Refusals that name the value and what is allowed
export {
  RangeFault,
  describeFault,
  type FaultDetail,
  requireWithin,
  describeRange,
  type AllowedRange,
} from './fault/index.js';

// Units: SI types, and what people type
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
  sheetGaugeMm,
  type SheetFamily,
  gaugeTables,
  type Dimension,
  parseNumber,
  parseQuantity,
  type ParsedQuantity,
  type ParseOptions,
} from './quantity/index.js';

// Reference data by metal
export {
  type Metal,
  type MetalId,
  type MetalFamily,
  metalTable,
  findMetal,
  dialledMetals,
  type DialledMetalId,
  roomTemperature,
  meltRise,
  diffusivity,
  liquidDiffusivity,
  heatToMelting,
  heatToMelt,
} from './metal/index.js';

// What a joint means to the heat
export { buttThermal, sheetRange, type ButtJoint, type JointThermal } from './joint/index.js';

// Wobble paths and their speeds
export {
  wobbleFrom,
  type Wobble,
  type WobbleShape,
  wobblePathInto,
  meanPathSpeed,
  peakPathSpeed,
  advancePerCycle,
  sweepsOverOnePlace,
} from './beam/index.js';

// Depth and width of the melt
export {
  normalisedEnthalpy,
  keyholeShare,
  type EnthalpyInput,
  keyholeCubic,
  keyholeResistance,
  keyholeDepth,
  type KeyholeInput,
  depthFromWidth,
  type WidthBalanceInput,
  heatCarriedOff,
  heatLimitedDepth,
  type HeatBalance,
  reachLimitedDepth,
  type ReachInput,
  predictMelt,
  meltKernel,
  type MeltInput,
  type MeltPrediction,
  type WireFeed,
  reachLimits,
  readOutcome,
  outcomes,
  type Outcome,
  type ReachLimits,
  meltHalfWidth,
} from './melt/index.js';

// How likely each outcome is
export {
  depthSpread,
  couponsToLand,
  normalCdf,
  outcomeOdds,
  oddsWithin,
  type OutcomeOdds,
} from './odds/index.js';

// Wire: which, how much, at what pace
export {
  wireDiameterFor,
  wireDiameters,
  type WireChoice,
  buttFill,
  wireArea,
  travelFromWire,
  wireForTravel,
} from './wire/index.js';

// Shielding gas
export { shieldingGasFor, shieldingGases, type ShieldingGas, type GasChoice } from './gas/index.js';

// What a machine can be set to
export { type MachineLimits, type KnobRange, snapToKnob, stepCount, valueAtStep } from './machine/index.js';

// From a joint to what to dial
export {
  type Aim,
  type WeldJob,
  type WeldSetting,
  type Pace,
  wantedWindow,
  type ReachWindow,
  wobbleFor,
  type WobbleChoice,
  forecastWeld,
  plainBead,
  type WeldForecast,
  solvePower,
  type Candidate,
  suggestSetting,
  type Suggestion,
  type Shortfall,
  knobs,
  knobValue,
  knobRange,
  turnKnob,
  type Knob,
  knobEffect,
  type KnobEffect,
  settingWarnings,
} from './settings/index.js';
