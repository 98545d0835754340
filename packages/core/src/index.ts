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
  joule,
  second,
  minute,
  inMinutes,
  barGauge,
  inBar,
  pascal,
  radian,
  degree,
  inDegrees,
  cubicMetre,
  litre,
  inLitres,
  normalLitrePerMinute,
  inNormalLitresPerMinute,
  celsius,
  inCelsius,
  kelvinDifference,
  type Metre,
  type MetrePerSecond,
  type Watt,
  type Hertz,
  type Kelvin,
  type KelvinDifference,
  type SquareMetre,
  type JoulePerMetre,
  type Joule,
  type Second,
  type Pascal,
  type GaugePascal,
  type Radian,
  type CubicMetre,
  type NormalFlow,
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
  tints,
  type Tint,
  type TintScale,
  type MetalSpread,
  zincThickness,
  steelUnderZinc,
  zincBoiledOff,
  zincBoilingPoint,
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
  pulsedSeam,
  travelForOverlap,
  type PulseTrain,
  type PulsedSeam,
  fibreLaserWavelength,
  spotAtFocus,
  rayleighLength,
  spotOffFocus,
  widestWobble,
  type GunOptics,
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
export { depthSpread, couponsToLand, outcomeOdds, oddsWithin, type OutcomeOdds } from './odds/index.js';

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

// Shielding gas: which, how much a nozzle can pass, how long a bottle lasts
export {
  shieldingGasFor,
  shieldingGases,
  type ShieldingGas,
  type GasChoice,
  nozzleFlow,
  type NozzleFlowInput,
  type NozzleGas,
  flowSlip,
  type FlowSlip,
  gasLeft,
  gasPerSeam,
  bottleReach,
  type GasBottle,
  type GasUse,
  type BottleReach,
} from './gas/index.js';

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

// Temperatures around the seam, colour, cooling and pull
export {
  thickPlateTemperature,
  thinPlateTemperature,
  type MovingSource,
  distanceFromFusion,
  peakTemperature,
  type LaidHeat,
  coolingTime,
  type CoolingInput,
  partWarming,
  type PartWarmingInput,
  tintBands,
  type SeamTint,
  type TintBands,
  type TintInput,
  distortion,
  type Distortion,
  type DistortionInput,
} from './heat/index.js';

// Special functions that several domains need
export {
  besselK0Scaled,
  bracketedRoot,
  normalCdf,
  logNormalInterval,
  logNormalDensity,
} from './numeric/index.js';

// Eyes and pressure tests: planning figures
export {
  beamFromDataSheet,
  opticalDensityNeeded,
  hazardDistance,
  diffuseHazardDistance,
  planEyes,
  type LaserBeam,
  type DiffuseReflection,
  type EyePlan,
  airEnergy,
  waterEnergy,
  hoopStress,
  gaugeClaim,
  type GaugeClaim,
  type PressureGauge,
} from './safety/index.js';

// What feeds the machine
export {
  mainsDraw,
  breakerToAskFor,
  type MainsInput,
  type MainsDraw,
  dewPoint,
  coolantState,
  warmUpTime,
  dewMargin,
  type CoolantCircuit,
  type CoolantState,
  type WarmUp,
} from './supply/index.js';

// How long windows and nozzles last
export {
  survivalCurve,
  type Service,
  type SurvivalStep,
  fitWeibullLife,
  type WeibullLife,
  lifeReachedBy,
  chanceToLast,
  meanLife,
  windowDose,
  type WindowDose,
  type WindowExposure,
  drawerStock,
  type DrawerStock,
  type SpareDemand,
} from './optics/index.js';

// Jobs: order of work, and cost
export {
  planChangeovers,
  exactUpTo,
  type ChangeoverPlan,
  spreadSeams,
  type SeamPlace,
  seamCost,
  type SeamCost,
  type SeamUse,
  type ShopPrices,
} from './plan/index.js';

// What the shop's coupons say
export {
  type EvidenceWeld,
  type EvidenceCoupon,
  type CouponFinding,
  couponInterval,
  type DepthInterval,
  type ModelFigures,
  couponNoise,
  depthLine,
  lineRow,
  type DepthLine,
  type LineTerm,
  fitIntervals,
  type IntervalData,
  type IntervalFit,
  shopEvidence,
  type ShopEvidence,
  type UsedCoupon,
  type LeftOutWhy,
  depthCorrection,
  type DepthCorrection,
  shopOffset,
  type ShopOffset,
  couponInfluence,
  type CouponInfluence,
  informationGain,
  fitConjugateLine,
  predictConjugateLine,
  type ConjugateLine,
  type ConjugateLineInput,
  type StudentPrediction,
} from './evidence/index.js';
