import type { Machine } from '@lone-heron/contract';
import type { ReactNode } from 'react';
import type { WordName } from './dialWords.js';
import { readSentence } from './readSentence.js';
import { LengthWord } from './LengthWord.js';
import type { Spoken } from './Spoken.js';
import { PickWord, type Choice } from './PickWord.js';

/** Makers of the sentence's words, each tied to its place in the address. */
export interface Words {
  readonly pick: (word: WordName, name: string, choices: readonly Choice[]) => ReactNode;
  /** A typed word; it says its own fault. */
  readonly length: (word: WordName, name: string) => ReactNode;
}

export function useWords(spoken: Spoken, machines: readonly Machine[]): Words {
  const { words, reading, house, sayWord } = spoken;
  return {
    pick: (word, name, choices) => (
      <PickWord
        name={name}
        value={words[word]}
        choices={choices}
        fault={reading.faults[word]}
        onPick={(value) => sayWord(word, value)}
      />
    ),
    length: (word, name) => (
      <LengthWord
        name={name}
        text={words[word]}
        lengthMm={reading.lengths[word] ?? null}
        units={house.units}
        fault={reading.faults[word]}
        accepts={(text) =>
          readSentence({ ...words, [word]: text }, machines, house.units.length).faults[word] === undefined
        }
        onSay={(text) => sayWord(word, text)}
      />
    ),
  };
}
