export { expectedDepth } from './expectedDepth.js';
export { aimKinds, type Aim, type WeldJob, type JobEvidence } from './WeldJob.js';
export type { WeldSetting } from './WeldSetting.js';
export {
  expectedLoss,
  lossesOf,
  mostLoss,
  requireLosses,
  usualLosses,
  type AimLosses,
  type OutcomeLosses,
} from './aimLosses.js';
export { aimedLimits, runsMeetFrom } from './aimedLimits.js';
export { wobbleFor } from './wobbleChoice.js';
export { weldPass, wettedFace } from './weldPass.js';
export { proposedLeg, type LegFeed } from './proposedLeg.js';
export { meltInputOf, plainBead, travelOf } from './meltInputOf.js';
export { partCounted } from './partCounted.js';
export { predictWarmed } from './predictWarmed.js';
export { forecastWeld, type WeldForecast } from './forecastWeld.js';
export { jointMissed } from './jointMissed.js';
export { lossForAim } from './lossForAim.js';
export { solvePower, solveDuty, type Candidate } from './solveStrength.js';
export { lossTie } from './searchSetting.js';
export { suggestSetting, type Suggestion } from './suggestSetting.js';
export { suggestAlternatives, type Alternative } from './suggestAlternatives.js';
export { settingReasons } from './settingReasons.js';
export { obstacleWords } from './obstacleWords.js';
export { tryRemedies, type Remedy } from './tryRemedies.js';
export { changedJob } from './changedJob.js';
export type { JobChange } from './JobChange.js';
export { triedSettings, type TriedSetting, type TrialVerdict } from './triedSettings.js';
export { hottestAllowed, repeatsHole } from './holedSettings.js';
export { isOnMachine } from './isOnMachine.js';
export { matchDepth } from './matchDepth.js';
export { suggestHolding } from './suggestHolding.js';
export { easeOff, type EasedOff } from './easeOff.js';
export { finishLimits, finishNotes, type FinishLimit } from './finishLimits.js';
export { knobs, knobValue, knobRange, turnKnob, type Knob } from './turnKnob.js';
export { knobEffect, type KnobEffect } from './knobEffect.js';
export { settingWarnings } from './settingWarnings.js';
export { settingCompanions, type SettingCompanions } from './settingCompanions.js';
export { weldConsequences, type WeldConsequences } from './weldConsequences.js';
