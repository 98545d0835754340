export { byteOrders, readRegisters, registersOf, registerTypes, writeRegisters } from './registerForm.js';
export { linkKeys, linkPoints, parameterKeys, type LinkKey, type ParameterKey } from './linkPoints.js';
export { writeRefusals, type LinkValues, type WantedValue, type WriteLimits } from './writeGuard.js';
