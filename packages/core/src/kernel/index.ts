export { openHeatKernel, type KernelArray } from './heatKernel.js';
