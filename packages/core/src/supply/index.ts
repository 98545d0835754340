export { mainsDraw, breakerToAskFor, type MainsInput, type MainsDraw } from './mains.js';
export { dewPoint } from './dewPoint.js';
export {
  coolantState,
  warmUpTime,
  dewMargin,
  type CoolantCircuit,
  type CoolantState,
  type WarmUp,
} from './chiller.js';
