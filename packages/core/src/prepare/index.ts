export { preparation, type PreparationStep } from './preparation.js';
