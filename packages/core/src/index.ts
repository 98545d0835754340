/** Lone Heron's arithmetic, domain by domain. Pure functions in SI; units at the edge are in every name or type. */

// Refusals that name the value and what is allowed
export { RangeFault, describeFault, requireWithin, describeRange, type AllowedRange } from './fault/index.js';

// Units: SI types, and what people type
export {
  metre,
  mm,
  inMm,
  mmPerSecond,
  inMmPerSecond,
  watt,
  hertz,
  kelvin,
  fraction,
  squareMetre,
  saidHeat,
  saidTemperature,
  type SaidUnits,
  joule,
  second,
  minute,
  barGauge,
  radian,
  degree,
  inDegrees,
  cubicMetre,
  litre,
  normalLitrePerMinute,
  celsius,
  inCelsius,
  kelvinDifference,
  type Metre,
  sheetGaugeMm,
  type Dimension,
  parseNumber,
  parseQuantity,
  poundKilograms,
  gallonLitres,
  psiBar,
  cubicFootLitres,
} from './quantity/index.js';

// Numbers in the wrong unit, with what was probably meant
export { wireSpeedSlip, thicknessSlip, wobbleRateSlip, temperatureSlip, pressureSlip } from './slip/index.js';

// Reference data by metal
export {
  type Metal,
  type MetalId,
  type MetalFamily,
  metalTable,
  findMetal,
  dialledMetals,
  type DialledMetalId,
  meltRise,
  diffusivity,
  liquidDiffusivity,
  heatToMelting,
  heatToMelt,
  tints,
  type Tint,
  zincThickness,
  steelUnderZinc,
  zincBoiledOff,
} from './metal/index.js';

// What practitioners disagree on, school by school
export {
  practiceQuestions,
  practiceSchools,
  usualPractice,
  type Practice,
  type PracticeTopic,
} from './practice/index.js';

// Joints: their heat, outline, metal, gaps, aim and nozzle
export {
  jointKinds,
  seamOf,
  tackTravel,
  thinnerSheet,
  type Joint,
  type JointKind,
  type SeamJoint,
  seamKinds,
  seamRow,
  type seamTable,
  seamSizes,
  bevelRanges,
  tackRanges,
  takesBevel,
  type BevelKind,
  type SeamKind,
  type SeamRow,
  type SeamSize,
  type Bevel,
  jointThermal,
  ownLeg,
  sheetRange,
  heatDirectionsWhy,
  farFace,
  metalNeeded,
  usualCrown,
  gapBorne,
  gapAsKnob,
  beamAim,
  gasShelter,
  nozzleFor,
  nozzleShapes,
  type NozzleShape,
  backings,
  backingTable,
  surfaces,
  surfaceTable,
  positions,
  positionTable,
  type JointConditions,
  backingFor,
  seamStitches,
  weldedLength,
  roundSeam,
  notInTheModel,
  jointOutline,
  meltPlace,
  type JointOutline,
  type PointMm,
  type PolygonMm,
} from './joint/index.js';

// Spot, wobble paths, pulses and where their light falls
export {
  wobbleFrom,
  wobbleNames,
  wobbleShapes,
  wobblePathInto,
  meanPathSpeed,
  peakPathSpeed,
  advancePerCycle,
  sweepsOverOnePlace,
  energyMapInto,
  type MapGrid,
  sweepSpeed,
  sweepFrequency,
  pulsedSeam,
  travelForOverlap,
  spotAtFocus,
  rayleighLength,
  spotOffFocus,
  widestWobble,
} from './beam/index.js';

// Depth, width and outline of the melt
export {
  normalisedEnthalpy,
  keyholeShare,
  keyholeCubic,
  keyholeResistance,
  keyholeDepth,
  depthFromWidth,
  heatCarriedOff,
  heatLimitedDepth,
  predictMelt,
  meltKernel,
  harderToMelt,
  reachLimits,
  readOutcome,
  outcomes,
  type Outcome,
  meltHalfWidth,
  beadBalance,
} from './melt/index.js';

// Temperatures around the seam, colour, cooling and pull
export {
  thickPlateTemperature,
  thinPlateTemperature,
  distanceFromFusion,
  peakTemperature,
  coolingTime,
  partWarming,
  tintBands,
  type TintBands,
  distortion,
  neighbourWait,
} from './heat/index.js';

// Where the heat of a seam goes
export type { SteadyEffort } from './field/index.js';
export {
  weldHeatInput,
  type WeldHeatInput,
  type WeldedPart,
  seamHeat,
  type SeamHeat,
  tintLeft,
  type TintEdges,
  type TintLeft,
  learnTint,
  tintAsSeen,
  type TintBelief,
  type TintReading,
  coolUntil,
  gloveHolds,
  nextPassBelow,
  meltDisagreement,
  meltedBead,
  type MeltedBead,
  faceLine,
  type Face,
  type FaceEdges,
  faceInto,
  frameAt,
  rasterInto,
  sectionRaster,
  type RasterWindow,
  mendEnds,
  type MendedEnds,
  type SeamEnds,
  type SeamEndsSetting,
  seamWarp,
  type SeamWarp,
  partHeat,
  type PartHeat,
  type PartHeatInput,
  type PartOrder,
  type PartSeam,
} from './weldHeat/index.js';

// How a whole part bends
export {
  partWarp,
  type PartWarp,
  partWays,
  type OrderHeats,
  type PartWayId,
  middleFirst,
  placeOfNode,
  cornersOf,
  type FlatGrid,
  type PartShape,
  type PartWarpInput,
  type WarpSeam,
} from './partWarp/index.js';

// How likely each outcome is
export {
  calibration,
  type CalibrationBin,
  depthSpread,
  beliefMoments,
  beliefOfSpread,
  beliefOdds,
  couponsToLand,
  outcomeOdds,
  oddsWithin,
  type OutcomeOdds,
} from './odds/index.js';

// Wire: which, how much, at what pace; passes, dressing and a warm nozzle
export {
  wireDiameterFor,
  wireName,
  wireSizes,
  wireDiameters,
  wireArea,
  travelFromWire,
  wireForTravel,
  fillers,
  fillerTable,
  type Filler,
  fillersFor,
  type FillerAdvice,
  paceAgainstWire,
  wireForSeam,
  spoolLeft,
  planPasses,
  dressingLeft,
  nozzleWarming,
} from './wire/index.js';

// Shielding gas: which, how much a nozzle can pass, how long a bottle lasts
export {
  gasTable,
  shieldingGases,
  type ShieldingGas,
  shieldingGasFor,
  usualFlowFor,
  gasOnJoint,
  type GasOnJoint,
  nozzleFlow,
  type NozzleGas,
  flowSlip,
  type NozzleFlowInput,
  gasLeft,
  waterVolumeFor,
  gasPerSeam,
  bottleReach,
} from './gas/index.js';

// What a machine can be set to, and how its panel says it
export {
  type MachineLimits,
  panelToSi,
  siToPanel,
  dialOnPanel,
  type PanelKnob,
  snapToKnob,
  stepCount,
  valueAtStep,
  pointerCorrection,
  driftPerMonth,
} from './machine/index.js';

// What the shop’s coupons say
export {
  type EvidenceCoupon,
  type CouponFinding,
  couponInterval,
  couponNoise,
  depthLine,
  lineRow,
  fitIntervals,
  depthDrift,
  shopEvidence,
  depthBelief,
  disagreement,
  epIntervals,
  type DepthDrift,
  type DriftReading,
  depthCorrection,
  borrowedEvidence,
  shopOffset,
  type BorrowedEvidence,
  type ShopOffset,
  couponInfluence,
  informationGain,
  fitConjugateLine,
  predictConjugateLine,
} from './evidence/index.js';

// From a joint to what to dial
export {
  expectedDepth,
  aimKinds,
  type Aim,
  type WeldJob,
  type JobEvidence,
  type WeldSetting,
  expectedLoss,
  lossesOf,
  mostLoss,
  requireLosses,
  usualLosses,
  type AimLosses,
  type OutcomeLosses,
  aimedLimits,
  runsMeetFrom,
  wobbleFor,
  weldPass,
  wettedFace,
  proposedLeg,
  type LegFeed,
  meltInputOf,
  plainBead,
  travelOf,
  forecastWeld,
  type WeldForecast,
  jointMissed,
  lossForAim,
  solvePower,
  solveDuty,
  type Candidate,
  suggestSetting,
  type Suggestion,
  suggestAlternatives,
  type Alternative,
  settingReasons,
  obstacleWords,
  tryRemedies,
  type Remedy,
  changedJob,
  type JobChange,
  triedSettings,
  type TriedSetting,
  type TrialVerdict,
  hottestAllowed,
  repeatsHole,
  isOnMachine,
  matchDepth,
  suggestHolding,
  easeOff,
  type EasedOff,
  finishLimits,
  finishNotes,
  type FinishLimit,
  knobs,
  knobValue,
  knobRange,
  turnKnob,
  type Knob,
  knobEffect,
  type KnobEffect,
  settingWarnings,
  partCounted,
  settingCompanions,
  type SettingCompanions,
  weldConsequences,
  type WeldConsequences,
} from './settings/index.js';

// From a coupon to the next one
export {
  faceSigns,
  toesFinding,
  type ToesLook,
  weldingSigns,
  type FaceSign,
  type SeenWeld,
  type WeldingSign,
  diagnose,
  dialInAdvice,
  evidenceWeldOf,
  nextCoupons,
  type CouponIdea,
} from './advice/index.js';

// A joint said in a few words
export { understandJoint, type UnderstoodJoint } from './phrase/index.js';

// What a joint asks before light
export { preparation, type PreparationStep } from './prepare/index.js';

// What feeds the machine
export { mainsDraw, breakerToAskFor, dewPoint, coolantState, warmUpTime } from './supply/index.js';

// What is read before light, and what it means
export {
  type ReadingVerdict,
  coolantReading,
  type CoolantContext,
  roomReading,
  bottleReading,
  flowReading,
} from './readiness/index.js';

// Eyes and pressure tests: planning figures
export {
  beamFromDataSheet,
  opticalDensityNeeded,
  hazardDistance,
  diffuseHazardDistance,
  planEyes,
  cautionsFor,
  type Caution,
  type EyePlan,
  airEnergy,
  waterEnergy,
  hoopStress,
  gaugeClaim,
} from './safety/index.js';

// How long windows and nozzles last
export {
  survivalCurve,
  type Service,
  fitWeibullLife,
  lifeReachedBy,
  chanceToLast,
  meanLife,
  windowDose,
  drawerStock,
  type DrawerStock,
  survivalBand,
  lifeByCause,
  logRank,
  lifeDifferences,
  type FactoredService,
  type Shortening,
  documentedPowers,
  fitDoseWeights,
  fittingDoseWeights,
  weightedLight,
  type BorneLight,
  type DosePowers,
  upkeepDue,
  type UpkeepInterval,
} from './optics/index.js';

// Jobs: order of work, and cost
export {
  planChangeovers,
  planWeldOrder,
  orderCost,
  cycleIn,
  spreadSeams,
  seamCost,
  metreOfSeam,
  broughtInAfter,
  payback,
  type PaybackInput,
  seamWork,
  tackPlan,
  eightyPercent,
  learnedRatio,
  summedBand,
  type LearnedRatio,
  type SummedBand,
  type OrderInput,
  type SeamUse,
  type SeamCost,
} from './plan/index.js';

// Special functions that several domains need
export {
  besselK0Scaled,
  ellipticE,
  erfc,
  bracketedRoot,
  newtonRoot,
  normalCdf,
  logNormalInterval,
  logNormalDensity,
} from './numeric/index.js';

// Tests of a weld: etchants, pressure, and what is asked of it
export {
  etchants,
  etchantsFor,
  etchantFacts,
  type Etchant,
  acceptanceCriteria,
  judgeAcceptance,
  type AcceptanceCriterion,
  type CriterionVerdict,
  type InspectionFound,
  pressureFinding,
} from './inspect/index.js';

// Pictures of sections: scale, lengths with their reading error, the fusion line, and drawn ones to try it on
export {
  acrossFace,
  belowFace,
  fusionLineReadings,
  generatedFace,
  countSpecks,
  type GlassOnPicture,
  type Speck,
  type SpeckCount,
  generatedGlass,
  type DrawnSpeck,
  generatedSection,
  measureTint,
  seamColours,
  type ColourPicture,
  type FaceToDraw,
  type SeamColour,
  type TintFound,
  lengthBetween,
  pictureScale,
  pixelsBetween,
  traceFusionLine,
  type DrawnSection,
  type FaceLine,
  type FusionLine,
  type GrayPicture,
  type PicturePoint,
  type PictureReading,
  type PictureScale,
  type TraceTask,
} from './picture/index.js';

// Ladders: coupons that change a knob or a few on purpose, and what they say
export {
  mostRungs,
  planRungs,
  ladderAnswer,
  type KnobAnswer,
  type LadderAnswer,
  type LadderReading,
} from './ladder/index.js';

// What is wrong: odds of the causes by what is seen, and the check that tells most a minute
export {
  causeOdds,
  everyFaultCause,
  everyFaultCheck,
  everyFaultSymptom,
  faultChecks,
  faultNetwork,
  nextChecks,
  type CauseOdds,
  type CheckWorth,
  type FaultCause,
  type FaultCheckName,
  type FaultContext,
  type FaultSymptom,
  type FiledCases,
  type Seen,
} from './diagnosis/index.js';

// Cleaning: coats, sweeps, odds of a strip, and what to set
export {
  coatTable,
  coats,
  coatsOn,
  cleanAims,
  stripLooks,
  sweepShapes,
  type CleanHead,
  type CleanJob,
  type CleanSetting,
  learnCoat,
  stripOdds,
  cleanZones,
  cleanFigures,
  type CleanFigures,
  suggestClean,
} from './clean/index.js';

// Cutting by hand: kerf, gas, odds of a piece, and what to set
export {
  cutAims,
  cutGases,
  pieceLooks,
  type CutHead,
  type CutJob,
  type CutSetting,
  cutFigures,
  type CutFigures,
  hazardBehind,
  learnCut,
  likelyLimit,
  pieceOdds,
  suggestCut,
} from './cut/index.js';

// Lamp pulses: the machine's own table, spots and seams of spots
export {
  pulseLooks,
  type LampHead,
  type LampJob,
  type LampSetting,
  fitLampEnergy,
  pulseEnergy,
  pulsedWeld,
  type PulsedWeld,
  deepEnough,
  depthTimes,
  learnLamp,
  pulseOdds,
  suggestPulses,
} from './lamp/index.js';
export { type ThresholdBelief } from './evidence/index.js';

// What a machine says over a wire, and takes
export {
  byteOrders,
  readRegisters,
  registersOf,
  registerTypes,
  writeRegisters,
  linkKeys,
  linkPoints,
  parameterKeys,
  type LinkKey,
  type ParameterKey,
  writeRefusals,
  type LinkValues,
  type WantedValue,
  type WriteLimits,
} from './link/index.js';

// What a machine says along its time
export {
  SampleClock,
  LightWatch,
  type LightSpell,
  curveKeys,
  stepFor,
  thinnedCurve,
  type CurveKey,
  type CurvePoint,
  type LightCurve,
} from './telemetry/index.js';

// Numbers by chance that are the same each time, for simulations and sample worlds
export { normalDraw, randomStream, type RandomStream } from './numeric/index.js';
