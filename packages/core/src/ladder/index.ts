export { mostRungs, planRungs } from './planRungs.js';
export { ladderAnswer, type KnobAnswer, type LadderAnswer, type LadderReading } from './ladderAnswer.js';
