export { survivalCurve, type Service } from './survivalCurve.js';
export { fitWeibullLife } from './weibullLife.js';
export { lifeReachedBy, chanceToLast, meanLife } from './lifeAnswers.js';
export { windowDose } from './windowDose.js';
export { drawerStock, type DrawerStock } from './drawerStock.js';
export { survivalBand } from './survivalBand.js';
export { lifeByCause } from './lifeByCause.js';
export { logRank, type GroupedService } from './logRank.js';
export { lifeDifferences, type FactoredService, type Shortening } from './lifeDifferences.js';
export {
  documentedPowers,
  fitDoseWeights,
  fittingDoseWeights,
  weightedLight,
  type BorneLight,
  type DosePowers,
} from './fitDoseWeights.js';
export { upkeepDue, type UpkeepInterval } from './upkeepDue.js';
