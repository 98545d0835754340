export { openHeatKernel, type HeatKernel, type KernelArray } from './heatKernel.js';
