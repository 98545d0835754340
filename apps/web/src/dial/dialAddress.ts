import { knobs, type Knob } from '@lone-heron/core';

/** The words of the sentence, as typed or picked. */
export interface DialWords {
  readonly metal: string;
  readonly first: string;
  readonly second: string;
  readonly gap: string;
  /** Diameter in mm, or "none". */
  readonly wire: string;
  readonly machine: string;
  readonly aim: string;
}
export type WordName = keyof DialWords;

/** Knobs turned by hand away from what was computed, in SI. */
export type HandTurns = Readonly<Partial<Record<Knob, number>>>;

/** Everything that is said on Dial: the part of the address behind the question mark. */
export interface DialAddress {
  readonly words: DialWords;
  readonly turns: HandTurns;
}

/** What a newcomer finds: a joint every shop knows. */
const firstWords: DialWords = {
  metal: 'stainless304',
  first: '1.5 mm',
  second: '1.5 mm',
  gap: '0.1 mm',
  wire: '0.8',
  machine: '',
  aim: 'reach',
};

const wordNames = Object.keys(firstWords) as WordName[];
const longestWord = 60;

/** Reads an address; what is missing or far too long is as a newcomer finds it. */
export function readAddress(search: URLSearchParams): DialAddress {
  const words = Object.fromEntries(
    wordNames.map((name) => [name, (search.get(name) ?? firstWords[name]).slice(0, longestWord)]),
  ) as unknown as DialWords;
  const turns: Partial<Record<Knob, number>> = {};
  for (const knob of knobs) {
    const text = search.get(`turn-${knob}`);
    const value = Number(text);
    if (text !== null && text !== '' && Number.isFinite(value) && value > 0) turns[knob] = value;
  }
  return { words, turns };
}

/** The address of what is said, without the question mark. */
export function writeAddress({ words, turns }: DialAddress): string {
  const search = new URLSearchParams();
  for (const name of wordNames) if (words[name] !== '') search.set(name, words[name]);
  for (const knob of knobs) {
    const value = turns[knob];
    if (value !== undefined) search.set(`turn-${knob}`, String(Number(value.toPrecision(6))));
  }
  return search.toString();
}
