export {
  bucklingForce,
  bucklingHeat,
  tendonForce,
  type PressedStrip,
  type ShrinkingMetal,
} from './tendon.js';
