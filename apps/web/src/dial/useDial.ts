import type { HouseContent, Machine } from '@lone-heron/contract';
import type { UnknownAction } from '@reduxjs/toolkit';
import { knobValue, type Knob } from '@lone-heron/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';
import { useLatest } from '../shared/form/useLatest.js';
import { dialMoved } from '../shared/memory/deskSlice.js';
import { allKnobs } from './allKnobs.js';
import { mostPins, readAddress, writeAddress, type DialAddress, type HandTurns } from './dialAddress.js';
import { dialOutcome, noHand, suggestFor, type DialOutcome } from './dialOutcome.js';
import { firstWords, pickedWords, type DialWords, type WordName } from '../shared/saidJoint/dialWords.js';
import { useBehind } from './evidence/useBehind.js';
import { dialChanged, dialRedone, dialUndone, selectRedo, selectUndo } from './history/dialHistorySlice.js';
import { useFirstStand, usePlate, type Plate } from './plate/usePlate.js';
import { readSentence, type SentenceReading } from '../shared/saidJoint/readSentence.js';

/** Dial as its parts see it. */
export interface Dial {
  readonly address: DialAddress;
  /** What the address said that could not be kept. */
  readonly dropped: readonly string[];
  /** The words, the same object while knobs are turned. */
  readonly words: DialWords;
  readonly reading: SentenceReading;
  readonly house: HouseContent;
  /** The newest outcome that could be computed; stays while a word is being mended. Null before there is one. */
  readonly outcome: DialOutcome | null;
  /** Whether the outcome shown belongs to the words as they stand. */
  readonly isCurrent: boolean;
  /** Whether the outcome shown counts every coupon that speaks to it: false while they are on their way. */
  readonly isSettled: boolean;
  /** Why the joint as said cannot be computed; null where it can, or where a word is at fault. */
  readonly refusal: string | null;
  readonly sayWord: (word: WordName, text: string) => void;
  readonly sayWords: (words: Partial<DialWords>, of?: string, replace?: boolean) => void;
  readonly turn: (knob: Knob, value: number) => void;
  /** Turns several knobs at once. */
  readonly turnAll: (turns: HandTurns) => void;
  readonly release: (knob: Knob) => void;
  readonly releaseAll: () => void;
  readonly hold: (knob: Knob, isHeld: boolean) => void;
  readonly plate: Plate;
  readonly pickAlternative: (name: string) => void;
  /** Puts the setting aside to compare; where there is no room the oldest makes place. */
  readonly pin: () => void;
  readonly unpin: (index: number) => void;
  /** Null where there is nothing to undo, or to do again. */
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

/** What is said lives in the address; everything else follows from it. */
export function useDial(machines: readonly Machine[], house: HouseContent): Dial {
  const [search, setSearch] = useSearchParams();
  const dispatch = useDispatch();
  const text = search.toString();
  const { address, dropped } = useMemo(() => readAddress(new URLSearchParams(text)), [text]);
  const shown = useOutcome(address, machines, house);
  const here = writeAddress(address);
  useEffect(() => {
    dispatch(dialMoved(here));
  }, [dispatch, here]);

  // At once: the next key or tap must build on this one, however quickly it follows.
  const go = (search: string, replace: boolean) => flushSync(() => setSearch(search, { replace }));
  const change = (of: string, next: Partial<DialAddress>, replace = true) => {
    const to = writeAddress({ ...address, ...next });
    if (to === here) return;
    dispatch(dialChanged({ from: here, of }));
    go(to, replace);
  };
  const steps = useSteps(here, (to) => go(to, true));
  const { turns, held } = address;
  const sayWords = useLatest<Parameters<Dial['sayWords']>>((said, of = '', replace = false) =>
    change(of, { ...noHand, words: { ...address.words, ...said } }, replace),
  );
  const without = (hand: HandTurns, knob: Knob): HandTurns =>
    Object.fromEntries(Object.entries(hand).filter(([name]) => name !== knob));
  const setting = shown.outcome?.setting;
  return {
    address,
    dropped,
    house,
    ...shown,
    ...steps,
    sayWords,
    sayWord: useCallback(
      (word, said) => sayWords({ [word]: said }, `word ${word}`, isTyped(word)),
      [sayWords],
    ),
    turn: (knob, value) =>
      held[knob] === undefined
        ? change(`turn ${knob}`, { turns: { ...turns, [knob]: value } })
        : change(`turn ${knob}`, { held: { ...held, [knob]: value } }),
    turnAll: (all) => change('', { turns: { ...turns, ...all } }),
    release: (knob) => change('', { turns: without(turns, knob), held: without(held, knob) }),
    releaseAll: () => change('', noHand, false),
    hold: (knob, isHeld) => {
      const value = setting === undefined ? null : knobValue(setting, knob);
      if (!isHeld || value === null) change('', { held: without(held, knob) });
      else change('', { held: { ...held, [knob]: value }, turns: without(turns, knob) });
    },
    pickAlternative: (alternative) => change('', { ...noHand, alternative }, false),
    pin: () => {
      if (setting !== undefined) change('', { pins: [...address.pins, allKnobs(setting)].slice(-mostPins) });
    },
    unpin: (index) => change('', { pins: address.pins.filter((_, i) => i !== index) }),
  };
}

type Shown = Pick<Dial, 'words' | 'reading' | 'outcome' | 'isCurrent' | 'isSettled' | 'refusal' | 'plate'>;

/** What the address comes to, and the last good outcome while it comes to nothing. */
function useOutcome(address: DialAddress, machines: readonly Machine[], house: HouseContent): Shown {
  // The words alone, so that a turned knob does not search again.
  const wordsText = writeAddress({ words: address.words, ...noHand, pins: [] });
  const words = useMemo(() => readAddress(new URLSearchParams(wordsText)).address.words, [wordsText]);
  const reading = useMemo(() => readSentence(words, machines, house.units.length), [words, machines, house]);
  const behind = useBehind(machines, reading.said, house.practice);
  const suggested = useMemo(
    () => (reading.said === null ? null : suggestFor(reading.said, house, behind)),
    [reading, house, behind],
  );
  const { turns, held, alternative } = address;
  const plate = usePlate(writeAddress({ words, turns: {}, held, alternative, pins: [] }));
  const { standing } = plate;
  const answer = useMemo(
    () => (suggested === null ? null : dialOutcome(suggested, { turns, held, alternative }, standing)),
    [suggested, turns, held, alternative, standing],
  );
  const fresh = answer !== null && 'outcome' in answer ? answer.outcome : null;
  const [lastGood, setLastGood] = useState(fresh);
  if (fresh !== null && fresh !== lastGood) setLastGood(fresh);
  useFirstStand(plate, fresh, behind.isSettled);
  return {
    words,
    reading,
    outcome: fresh ?? lastGood,
    isCurrent: fresh !== null,
    isSettled: fresh !== null && behind.isSettled,
    refusal: answer !== null && 'refusal' in answer ? answer.refusal : null,
    plate,
  };
}

/** One step back, and forth again. */
function useSteps(here: string, go: (search: string) => void): Pick<Dial, 'undo' | 'redo'> {
  const dispatch = useDispatch();
  const back = useSelector(selectUndo);
  const forth = useSelector(selectRedo);
  const step = (to: string | null, action: (from: string) => UnknownAction) => {
    if (to === null) return null;
    return () => {
      dispatch(action(here));
      go(to);
    };
  };
  return { undo: step(back, dialUndone), redo: step(forth, dialRedone) };
}

/** Typed words change with every key: only the last of them is worth a step back in the browser's history. */
function isTyped(word: WordName): boolean {
  return pickedWords[word] === undefined && word in firstWords && word !== 'machine';
}
