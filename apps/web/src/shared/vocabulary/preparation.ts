import type { PreparationStep } from '@lone-heron/core';

/** What a step before light is about, in one word. */
export const preparationWords: Readonly<Record<PreparationStep['about'], string>> = {
  clean: 'Clean',
  edges: 'Edges',
  fit: 'Fit',
  tacks: 'Tacks',
  hold: 'Hold',
  backing: 'Backing',
  gun: 'Gun',
  wire: 'Wire',
};
