import type { Machine } from '@lone-heron/contract';
import type { Knob } from '@lone-heron/core';
import { useEffect, useMemo, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useSearchParams } from 'react-router';
import { dialMoved } from '../shared/memory/deskSlice.js';
import { readAddress, writeAddress, type DialAddress, type WordName } from './dialAddress.js';
import { dialOutcome, suggestFor, type DialOutcome } from './dialOutcome.js';
import { readSentence, type SentenceReading } from './readSentence.js';

/** Dial as its parts see it. */
export interface Dial {
  readonly address: DialAddress;
  readonly reading: SentenceReading;
  /** The newest outcome that could be computed; stays while a word is being mended. Null before there is one. */
  readonly outcome: DialOutcome | null;
  /** Whether the outcome shown belongs to the words as they stand. */
  readonly isCurrent: boolean;
  /** Why the joint as said cannot be computed; null where it can, or where a word is at fault. */
  readonly refusal: string | null;
  readonly sayWord: (word: WordName, text: string) => void;
  readonly turn: (knob: Knob, value: number) => void;
  readonly release: (knob: Knob) => void;
  readonly releaseAll: () => void;
}

/** What is said lives in the address; everything else follows from it. */
export function useDial(machines: readonly Machine[]): Dial {
  const [search, setSearch] = useSearchParams();
  const dispatch = useDispatch();
  const text = search.toString();
  const address = useMemo(() => readAddress(new URLSearchParams(text)), [text]);
  // The words alone, so that a turned knob does not search again.
  const wordsText = writeAddress({ words: address.words, turns: {} });
  const reading = useMemo(
    () => readSentence(readAddress(new URLSearchParams(wordsText)).words, machines),
    [wordsText, machines],
  );
  const suggested = useMemo(() => (reading.said === null ? null : suggestFor(reading.said)), [reading]);
  const answer = useMemo(
    () => (suggested === null ? null : dialOutcome(suggested, address.turns)),
    [suggested, address.turns],
  );
  const fresh = answer !== null && 'outcome' in answer ? answer.outcome : null;
  const [lastGood, setLastGood] = useState(fresh);
  if (fresh !== null && fresh !== lastGood) setLastGood(fresh);

  const here = writeAddress(address);
  useEffect(() => {
    dispatch(dialMoved(here));
  }, [dispatch, here]);

  // At once and not as a transition: the next key or tap must build on this one, however quickly it follows.
  const go = (next: DialAddress, replace: boolean) =>
    setSearch(writeAddress(next), { replace, preventScrollReset: true, flushSync: true });
  const { words, turns } = address;
  return {
    address,
    reading,
    outcome: fresh ?? lastGood,
    isCurrent: fresh !== null,
    refusal: answer !== null && 'refusal' in answer ? answer.refusal : null,
    sayWord: (word, said) => go({ words: { ...words, [word]: said }, turns: {} }, isTyped(word)),
    turn: (knob, value) => go({ words, turns: { ...turns, [knob]: value } }, true),
    release: (knob) => {
      const others = Object.entries(turns).filter(([name]) => name !== knob);
      go({ words, turns: Object.fromEntries(others) }, true);
    },
    releaseAll: () => go({ words, turns: {} }, false),
  };
}

/** Typed words change with every key: only the last of them is worth a step back in the history. */
function isTyped(word: WordName): boolean {
  return word === 'first' || word === 'second' || word === 'gap';
}
