import { houseStarts, type HouseContent } from '@lone-heron/contract';
import { readAddress } from '../dial/dialAddress.js';
import { dialOutcome, noHand, suggestFor, type DialOutcome, type Hand } from '../dial/dialOutcome.js';
import type { DialWords } from '../shared/saidJoint/dialWords.js';
import { handMath } from '../dial/handMath.js';
import { readSentence } from '../shared/saidJoint/readSentence.js';
import { sampleMachine } from './sampleMachine.js';

const { words } = readAddress(new URLSearchParams()).address;

/** What Dial answers in a shop without coupons, where the sentence of its first visit is changed; fails where it cannot be read. */
export function dialOutcomeOf(
  change: Partial<DialWords>,
  standing: Hand['turns'] | null = null,
  house: HouseContent = houseStarts,
): DialOutcome {
  const { said } = readSentence({ ...words, ...change }, [sampleMachine], 'mm');
  if (said === null) throw new Error('not understood');
  const answer = dialOutcome(suggestFor(said, house, { learn: null, math: handMath }), noHand, standing);
  if ('refusal' in answer) throw new Error(answer.refusal);
  return answer.outcome;
}
