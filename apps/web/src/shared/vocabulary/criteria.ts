import type { AcceptanceCriterion, CriterionVerdict } from '@lone-heron/core';

/** What a level can ask, in a word or two. */
export const criterionWords: Readonly<Record<AcceptanceCriterion, string>> = {
  reach: 'Depth',
  undercut: 'Undercut',
  crown: 'Crown',
  misalignment: 'Out of line',
  bend: 'Bend',
  indication: 'Dye',
  tight: 'Tight',
};

export const verdictWords: Readonly<Record<CriterionVerdict['verdict'], string>> = {
  met: 'met',
  notMet: 'not met',
  notTested: 'not tested',
};
