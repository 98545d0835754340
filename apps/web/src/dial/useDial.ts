import type { Machine } from '@lone-heron/contract';
import type { Knob } from '@lone-heron/core';
import { useEffect, useMemo, useState } from 'react';
import { useDispatch } from 'react-redux';
import { useSearchParams } from 'react-router';
import { dialMoved } from '../shared/memory/deskSlice.js';
import { readAddress, writeAddress, type DialAddress, type WordName } from './dialAddress.js';
import { dialOutcome, type DialOutcome } from './dialOutcome.js';
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
  const reading = useMemo(() => readSentence(address.words, machines), [address.words, machines]);
  const answer = useMemo(
    () => (reading.said === null ? null : dialOutcome(reading.said, address.turns)),
    [reading, address.turns],
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
