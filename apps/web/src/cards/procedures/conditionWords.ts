import type { Conditions } from '@lone-heron/contract';

/** How a joint is met, in the words of a paper. */
export const positionWords: Readonly<Record<Conditions['position'], string>> = {
  flat: 'flat',
  horizontal: 'horizontal',
  verticalUp: 'vertical, upwards',
  verticalDown: 'vertical, downwards',
  overhead: 'overhead',
};

export const backingWords: Readonly<Record<Conditions['backing'], string>> = {
  none: 'none',
  steel: 'steel bar',
  copper: 'copper bar',
};
