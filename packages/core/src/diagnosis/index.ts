export { posterior, type Network, type NetworkNode, type Seen } from './Network.js';
export { everyFaultCause, type FaultCause } from './faultCauses.js';
export { everyFaultSymptom, type FaultSymptom } from './faultSymptoms.js';
export { everyFaultCheck, faultChecks, type FaultCheck, type FaultCheckName } from './faultChecks.js';
export { faultNetwork, type FaultContext, type FiledCases } from './faultNetwork.js';
export { causeOdds, checkMinutes, nextChecks, type CauseOdds, type CheckWorth } from './findFault.js';
