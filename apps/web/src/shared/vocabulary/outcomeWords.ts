import type { Outcome } from '@lone-heron/core';

/** An outcome in the words a welder uses. */
export const outcomeWords: Readonly<Record<Outcome, string>> = {
  cold: 'cold',
  part: 'part way',
  full: 'reaches',
  hot: 'hot',
  hole: 'blows through',
};
