import type { SaidUnits } from '../quantity/index.js';

/** The units of a house that says inches, for tests. */
export const inches: SaidUnits = {
  ...{ length: 'in', travel: 'in/min', gasFlow: 'CFH' },
  ...{ pressure: 'psi', temperature: '°F' },
};
