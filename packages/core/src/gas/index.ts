export {
  gasTable,
  gasesByFamily,
  shieldingGases,
  type ShieldingGas,
  type GasRow,
  type GasOnFamily,
} from './gasTable.js';
export { shieldingGasFor, usualFlowFor, type FlowFor, type GasChoice } from './shieldingGas.js';
export { nozzleFlow, type NozzleFlowInput, type NozzleGas } from './nozzleFlow.js';
export { flowSlip, type FlowSlip } from './flowSlip.js';
export { gasLeft, gasPerSeam, bottleReach, type GasBottle, type GasUse, type BottleReach } from './bottle.js';
export { gasOnJoint, type GasOnJoint } from './gasOnJoint.js';
