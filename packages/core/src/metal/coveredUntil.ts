import { celsius } from '../quantity/index.js';

/** Titanium and its like take up air above this: gas stays on the seam until it is cooler. Common practice, not a limit of a code. */
export const coveredUntil = celsius(400);
