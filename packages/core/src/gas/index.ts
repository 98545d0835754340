export { shieldingGasFor, shieldingGases, type ShieldingGas, type GasChoice } from './shieldingGas.js';
