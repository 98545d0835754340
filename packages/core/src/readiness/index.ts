export type { ReadingVerdict } from './ReadingVerdict.js';
export { coolantReading, type CoolantContext } from './coolantReading.js';
export { roomReading } from './roomReading.js';
export { bottleReading } from './bottleReading.js';
export { flowReading } from './flowReading.js';
