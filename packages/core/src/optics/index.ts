export { survivalCurve, type Service, type SurvivalStep } from './survivalCurve.js';
export { fitWeibullLife, type WeibullLife } from './weibullLife.js';
export { lifeReachedBy, chanceToLast, meanLife } from './lifeAnswers.js';
export { windowDose, type WindowDose, type WindowExposure } from './windowDose.js';
export { drawerStock, type DrawerStock, type SpareDemand } from './drawerStock.js';
