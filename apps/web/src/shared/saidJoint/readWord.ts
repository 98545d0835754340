import { describeFault } from '@lone-heron/core';
import type { WordName } from './dialWords.js';

/** A value, or why it cannot be. */
export type Read<Value> = { readonly value: Value } | { readonly fault: string };

/** Notes a fault at its word, or gives the value. */
export type Note = <Value>(word: WordName, read: Read<Value>) => Value | null;

/** One of a few words, or the message that names them. */
export function readOneOf<Word extends string>(
  quantity: string,
  text: string,
  choices: readonly Word[],
  say: (word: Word) => string = String,
): Read<Word> {
  const found = choices.find((choice) => choice === text);
  if (found !== undefined) return { value: found };
  return { fault: describeFault({ quantity, given: `“${text}”`, allowed: choices.map(say).join(', ') }) };
}
