export { gasTable, gasesByFamily, shieldingGases, type ShieldingGas } from './gasTable.js';
export { shieldingGasFor, usualFlowFor, type GasChoice } from './shieldingGas.js';
export { nozzleFlow, type NozzleFlowInput, type NozzleGas } from './nozzleFlow.js';
export { flowSlip } from './flowSlip.js';
export { gasLeft, gasPerSeam, bottleReach, waterVolumeFor, type GasBottle } from './bottle.js';
export { gasOnJoint, type GasOnJoint } from './gasOnJoint.js';
