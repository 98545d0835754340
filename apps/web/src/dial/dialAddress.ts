import { knobs, type Alternative, type Knob } from '@lone-heron/core';
import { shopUnits } from '../shared/figures/shopUnits.js';
import {
  firstWords,
  pickedWords,
  wordNames,
  type DialWords,
  type WordName,
} from '../shared/saidJoint/dialWords.js';

/** Knobs with where the hand put them, in SI. */
export type HandTurns = Readonly<Partial<Record<Knob, number>>>;

/** Everything that is said on Dial: the part of the address behind the question mark. */
export interface DialAddress {
  readonly words: DialWords;
  /** Knobs turned away from what was computed; nothing else moves. */
  readonly turns: HandTurns;
  /** Knobs that are held; the search adapts the rest. */
  readonly held: HandTurns;
  /** Name of the alternative that is dialled; empty for the suggestion. */
  readonly alternative: string;
  /** Settings put aside to compare, each by its knobs. */
  readonly pins: readonly HandTurns[];
}

/** An address with what it said that could not be kept. */
export interface ReadAddress {
  readonly address: DialAddress;
  /** Such as "metal “butter”"; empty where everything was kept. */
  readonly dropped: readonly string[];
}

/** Settings that stand beside the one that is dialled. */
export const mostPins = 2;
const longestWord = 60;

/** Words that are written even where they are as a newcomer finds them, so that a kept address says the joint. */
const alwaysSaid: readonly WordName[] = ['metal', 'first', 'second', 'kind', 'gap', 'wire', 'machine', 'aim'];

const firstInches: Partial<Record<WordName, string>> = {
  ...{ first: '1/16 in', second: '1/16 in', gap: '0.004 in', tube: '1.5 in' },
  ...{ stitch: '0.75 in', pitch: '2.5 in', offset: '0 in', tackLength: '0.125 in' },
};

/**
 * What a newcomer finds, lengths said in the shop's unit. An address that was written says its sheets itself, and means by what it
 * leaves out what it left out where it was written.
 */
function newcomersWords(search: URLSearchParams): Record<WordName, string> {
  const isWritten = search.has('first');
  return { ...firstWords, ...(shopUnits().length === 'in' && !isWritten ? firstInches : {}) };
}

/** Reads an address; what is missing is as a newcomer finds it, what cannot be is left out and named. */
export function readAddress(search: URLSearchParams): ReadAddress {
  const dropped: string[] = [];
  const drop = (name: string, text: string) => {
    dropped.push(`${name} “${text.slice(0, longestWord)}”`);
  };
  const words = newcomersWords(search);
  for (const name of wordNames) {
    const text = search.get(name);
    if (text === null) continue;
    const choices = pickedWords[name];
    if (text.length <= longestWord && (choices === undefined || choices.includes(text))) words[name] = text;
    else drop(name, text);
  }
  const address: DialAddress = {
    words,
    turns: readKnobs(search, 'turn', drop),
    held: readKnobs(search, 'hold', drop),
    alternative: readAlternative(search, drop),
    pins: readPins(search, drop),
  };
  const known = knownKeys();
  for (const key of search.keys()) if (!known.has(key)) drop(key, search.get(key) ?? '');
  return { address, dropped };
}

/** The address of what is said, without the question mark. */
export function writeAddress({ words, turns, held, alternative, pins }: DialAddress): string {
  const search = new URLSearchParams();
  for (const name of wordNames) {
    if (words[name] !== firstWords[name] || (alwaysSaid.includes(name) && words[name] !== ''))
      search.set(name, words[name]);
  }
  if (alternative !== '') search.set('alternative', alternative);
  for (const knob of knobs) {
    const [turn, hold] = [turns[knob], held[knob]];
    if (turn !== undefined) search.set(`turn-${knob}`, plainNumber(turn));
    if (hold !== undefined) search.set(`hold-${knob}`, plainNumber(hold));
  }
  for (const pin of pins) search.append('pin', writePin(pin));
  return search.toString();
}

type Drop = (name: string, text: string) => void;

const ways: readonly Alternative['name'][] = ['coolAndQuick', 'wideAndForgiving', 'flatAndNarrow', 'steady'];

function readAlternative(search: URLSearchParams, drop: Drop): string {
  const text = search.get('alternative') ?? '';
  if (text === '' || ways.some((way) => way === text)) return text;
  drop('alternative', text);
  return '';
}

function readKnobs(search: URLSearchParams, prefix: 'turn' | 'hold', drop: Drop): HandTurns {
  const read: Partial<Record<Knob, number>> = {};
  for (const knob of knobs) {
    const text = search.get(`${prefix}-${knob}`);
    if (text === null) continue;
    const value = aboveNought(text);
    if (value === null) drop(`${prefix}-${knob}`, text);
    else read[knob] = value;
  }
  return read;
}

/** A pin as "power_870~wobbleWidth_0.002". */
function writePin(pin: HandTurns): string {
  return knobs
    .flatMap((knob) => (pin[knob] === undefined ? [] : [`${knob}_${plainNumber(pin[knob])}`]))
    .join('~');
}

function readPins(search: URLSearchParams, drop: Drop): readonly HandTurns[] {
  return search.getAll('pin').flatMap((text, index) => {
    const pin = index < mostPins ? readPin(text) : null;
    if (pin === null) drop('pin', text);
    return pin === null ? [] : [pin];
  });
}

function readPin(text: string): HandTurns | null {
  const pin: Partial<Record<Knob, number>> = {};
  for (const part of text.split('~')) {
    const [name = '', number = ''] = part.split('_');
    const knob = knobs.find((each) => each === name);
    const value = aboveNought(number);
    if (knob === undefined || value === null) return null;
    pin[knob] = value;
  }
  return pin;
}

function aboveNought(text: string): number | null {
  const value = Number(text);
  return text !== '' && Number.isFinite(value) && value > 0 ? value : null;
}

function plainNumber(value: number): string {
  return String(Number(value.toPrecision(6)));
}

function knownKeys(): ReadonlySet<string> {
  return new Set<string>([
    ...wordNames,
    ...knobs.flatMap((knob) => [`turn-${knob}`, `hold-${knob}`]),
    'alternative',
    'pin',
  ]);
}
