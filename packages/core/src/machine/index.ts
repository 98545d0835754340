export type { MachineLimits, KnobRange } from './MachineLimits.js';
export { panelToSi, siToPanel, dialOnPanel, type PanelKnob, type PanelLimits } from './panelKnob.js';
export { snapToKnob, stepCount, valueAtStep } from './knobSteps.js';
export {
  pointerCorrection,
  driftPerMonth,
  type PointerControl,
  type PointerOffset,
  type LoggedReading,
} from './pointerOffset.js';
