export { fastestCut } from './cutBalance.js';
