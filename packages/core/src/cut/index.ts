export { fastestCut } from './cutBalance.js';
export {
  cutAims,
  cutGases,
  pieceLooks,
  type CutHead,
  type CutJob,
  type CutSetting,
  type PieceLook,
} from './CutJob.js';
export { cutFigures, hazardBehind, type CutFigures } from './cutFigures.js';
export { cutPrior, learnCut, likelyLimit, pieceOdds, type CutPiece } from './cutEvidence.js';
export { suggestCut } from './suggestCut.js';
