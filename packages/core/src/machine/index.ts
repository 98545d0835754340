export type { MachineLimits, KnobRange } from './MachineLimits.js';
export { snapToKnob, stepCount, valueAtStep } from './knobSteps.js';
