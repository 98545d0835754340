export { cleaningPass } from './cleaningPass.js';
export { coatTable, coats, coatsOn, type CoatId } from './coatTable.js';
export {
  cleanAims,
  stripLooks,
  sweepShapes,
  type CleanAim,
  type CleanHead,
  type CleanJob,
  type CleanSetting,
  type StripLook,
  type SweepShape,
  type StripOdds,
} from './CleanJob.js';
export { cleanZones, learnCoat, stripOdds, cleanPrior, type CleanedStrip } from './cleanEvidence.js';
export { cleanFigures, type CleanFigures } from './cleanFigures.js';
export { suggestClean } from './suggestClean.js';
