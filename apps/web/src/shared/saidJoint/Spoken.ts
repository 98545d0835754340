import type { FillerChoice, HouseContent } from '@lone-heron/contract';
import type { NozzleShape, ShieldingGas } from '@lone-heron/core';
import type { DialWords, WordName } from './dialWords.js';
import type { SentenceReading } from './readSentence.js';

/** What the sentence is made of: nothing that a turned knob changes, so that it stands still meanwhile. */
export interface Spoken {
  readonly words: DialWords;
  readonly reading: SentenceReading;
  readonly house: HouseContent;
  /** What was made of the last good sentence; null before there was one. */
  readonly suggested: {
    readonly gas: { readonly gas: ShieldingGas };
    /** The nozzle that the joint, or the shop's practice, asks. */
    readonly usualNozzle: NozzleShape;
    readonly fillers: FillerChoice;
  } | null;
  readonly sayWord: (word: WordName, text: string) => void;
  readonly sayWords: (words: Partial<DialWords>, of?: string, replace?: boolean) => void;
}
