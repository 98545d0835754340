export { phaseLaw, phaseLawOf, riseOfEnthalpy, riseOfPotential, type PhaseLaw } from './phaseLaw.js';
export { betweenCentres, cellAt, gradedLine, meshLine, shareBetween, type MeshLine } from './gradedLine.js';
export { cutSection, halfPlate, type CrossSection } from './crossSection.js';
export { lightSource } from './lightSource.js';
export { boilingOff } from './boilingOff.js';
export { solveSteady, type SteadyEffort } from './steadyField.js';
export type { SteadyAccount } from './steadyBalance.js';
export { coolSection } from './coolSection.js';
export { fieldAt } from './fieldAt.js';
