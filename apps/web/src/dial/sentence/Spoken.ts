import type { HouseContent } from '@lone-heron/contract';
import type { SuggestedOutcome } from '../dialOutcome.js';
import type { DialWords } from '../dialWords.js';
import type { SentenceReading } from '../readSentence.js';
import type { Dial } from '../useDial.js';

/** What the sentence is made of: nothing that a turned knob changes, so that it stands still meanwhile. */
export interface Spoken extends Pick<Dial, 'sayWord' | 'sayWords'> {
  readonly words: DialWords;
  readonly reading: SentenceReading;
  readonly house: HouseContent;
  /** What was made of the last good sentence; null before there was one. */
  readonly suggested: SuggestedOutcome | null;
}
