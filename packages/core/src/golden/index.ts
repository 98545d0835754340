export { goldenChecks } from './goldenChecks.js';
export { agrees, relativeError, type Compared, type GoldenCheck } from './goldenCheck.js';
