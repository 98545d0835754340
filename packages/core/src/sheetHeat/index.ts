export type { SheetRun } from './SheetProblem.js';
export { sheetMarch, type SheetMarch } from './sheetMarch.js';
export { sheetMesh, stableSeconds } from './sheetMesh.js';
export { compiledDiffusion } from './compiledDiffusion.js';
export { plainDiffusion } from './plainDiffusion.js';
export { stagesFor, superStep } from './superStep.js';
