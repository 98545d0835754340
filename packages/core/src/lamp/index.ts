export { discPulseRise } from './discPulse.js';
export { sealedDepth } from './sealedDepth.js';
export { pulseLooks, type LampHead, type LampJob, type LampSetting, type PulseLook } from './LampJob.js';
export { fitLampEnergy, pulseEnergy, type LampEnergy } from './lampEnergy.js';
export { spotMelt } from './spotMelt.js';
export { pulsedWeld, joinedBetween, type PulsedWeld } from './pulsedWeld.js';
export { deepEnough, depthTimes, lampPrior, learnLamp, pulseOdds } from './lampEvidence.js';
export { suggestPulses } from './suggestPulses.js';
