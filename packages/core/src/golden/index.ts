export { goldenChecks } from './checks.js';
export { agrees, relativeError, type Compared, type GoldenCheck } from './goldenCheck.js';
