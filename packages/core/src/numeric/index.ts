export { besselK0Scaled } from './besselK0Scaled.js';
export { bracketedRoot } from './bracketedRoot.js';
export { newtonRoot } from './newtonRoot.js';
export { normalCdf } from './normalCdf.js';
export { logNormalInterval, logNormalDensity } from './logNormalInterval.js';
export { ellipticE } from './ellipticE.js';
export { fourFifths } from './fourFifths.js';
export { erfc } from './erfc.js';
export { ierfc } from './ierfc.js';
