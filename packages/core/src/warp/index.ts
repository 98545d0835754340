export {
  bucklingForce,
  bucklingHeat,
  tendonForce,
  usualStrip,
  widestFlat,
  type PressedStrip,
  type ShrinkingMetal,
} from './tendon.js';
