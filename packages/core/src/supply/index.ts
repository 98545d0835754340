export { mainsDraw, breakerToAskFor } from './mains.js';
export { dewPoint } from './dewPoint.js';
export { coolantState, warmUpTime, dewMargin, type CoolantCircuit, type WarmUp } from './chiller.js';
