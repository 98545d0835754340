export { cleaningPass } from './cleaningPass.js';
export { coatTable, coats, coatsOn } from './coatTable.js';
export {
  cleanAims,
  stripLooks,
  sweepShapes,
  type CleanHead,
  type CleanJob,
  type CleanSetting,
  type StripLook,
} from './CleanJob.js';
export { cleanZones, learnCoat, stripOdds, cleanPrior, type CleanedStrip } from './cleanEvidence.js';
export { cleanFigures, type CleanFigures } from './cleanFigures.js';
export { suggestClean } from './suggestClean.js';
