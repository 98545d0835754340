export { cleaningPass } from './cleaningPass.js';
