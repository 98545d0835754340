export { buttThermal, sheetRange, type ButtJoint, type JointThermal } from './buttJoint.js';
