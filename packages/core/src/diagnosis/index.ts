export { posterior, type Network, type NetworkNode, type Seen } from './Network.js';
export { everyFaultCause, faultCauses, type FaultCause } from './faultCauses.js';
export { everyFaultSymptom, faultSymptoms, type FaultSymptom } from './faultSymptoms.js';
export { everyFaultCheck, faultChecks, type FaultCheck, type FaultCheckName } from './faultChecks.js';
export { faultNetwork, type FaultContext, type FiledCases } from './faultNetwork.js';
export {
  causeOdds,
  checkMinutes,
  isolationMinutes,
  nextChecks,
  type CauseOdds,
  type CheckWorth,
} from './findFault.js';
