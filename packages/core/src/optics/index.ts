export { survivalCurve, type Service, type SurvivalStep } from './survivalCurve.js';
export { fitWeibullLife, type WeibullLife } from './weibullLife.js';
export { lifeReachedBy, chanceToLast, meanLife } from './lifeAnswers.js';
export { windowDose, type WindowDose, type WindowExposure } from './windowDose.js';
export { drawerStock, type DrawerStock, type SpareDemand } from './drawerStock.js';
export { survivalBand, type BandedStep } from './survivalBand.js';
export { lifeByCause, type CauseLife, type EndedService } from './lifeByCause.js';
export { logRank, type GroupedService, type GroupFailures, type LogRank } from './logRank.js';
export {
  lifeDifferences,
  type FactorComparison,
  type FactoredService,
  type LevelLife,
  type LifeDifferences,
  type Shortening,
} from './lifeDifferences.js';
export {
  documentedPowers,
  fitDoseWeights,
  weightedLight,
  type BorneLight,
  type DosePowers,
  type FittedDosePowers,
} from './fitDoseWeights.js';
export { upkeepDue, type UpkeepDue, type UpkeepInterval, type UpkeepMeters } from './upkeepDue.js';
