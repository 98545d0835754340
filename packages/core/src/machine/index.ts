export type { MachineLimits, KnobRange } from './MachineLimits.js';
export { panelToSi, siToPanel, dialOnPanel, type PanelKnob } from './panelKnob.js';
export { snapToKnob, stepCount, valueAtStep } from './knobSteps.js';
export { pointerCorrection, driftPerMonth } from './pointerOffset.js';
