import {
  beyondMode,
  isAlike,
  modeRules,
  type FieldProblem,
  type HandMode,
  type HouseUnits,
  type LookOf,
  type Machine,
  type ModeShop,
  type SettingOf,
  type Trial,
  type WorkOf,
} from '@lone-heron/contract';
import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';
import { readModeAddress, writeModeAddress, type ModeAddress } from '../../shared/modes/modeAddress.js';
import { turnedSetting } from '../../shared/modes/modeKnobs.js';
import { readWork, type WorkReading } from './readWork.js';

/** What follows from a good sentence of a mode. */
export interface ModeAnswer<Mode extends HandMode> {
  readonly work: WorkOf<Mode>;
  readonly shop: ModeShop;
  /** As it stands on the plate. */
  readonly setting: SettingOf<Mode>;
  /** As the shop's trials have it now. */
  readonly suggested: SettingOf<Mode>;
  readonly odds: Readonly<Record<LookOf<Mode>, number>>;
  /** Trials that the odds rest on. */
  readonly restsOn: readonly Trial[];
  /** What the machine cannot do of it. */
  readonly beyond: readonly FieldProblem[];
  readonly isTurned: boolean;
  /** The numbers on the plate are no more what the trials suggest, and nobody turned them. */
  readonly isOutdated: boolean;
  /** What was turned in the address and cannot be. */
  readonly dropped: readonly string[];
}

/** Dial of a mode as its parts see it. */
export interface ModeDial<Mode extends HandMode> {
  readonly mode: Mode;
  readonly reading: WorkReading<Mode>;
  readonly units: HouseUnits;
  /** Null while the sentence is no work, or nothing can be said of it. */
  readonly answer: ModeAnswer<Mode> | null;
  readonly sayWord: (word: string, text: string, isTyped?: boolean) => void;
  readonly turn: (knob: string, value: string | number) => void;
  readonly release: (knob: string) => void;
  /** Takes what is suggested now. */
  readonly releaseAll: () => void;
  /** Writes the numbers of the plate into the address, so that nothing but a hand changes them. */
  readonly pinAll: () => void;
}

/** What is said of a mode lives in the address; everything else follows from it. */
export function useModeDial<Mode extends HandMode>(
  mode: Mode,
  machines: readonly Machine[],
  trials: readonly Trial[],
  units: HouseUnits,
): ModeDial<Mode> {
  const [search, setSearch] = useSearchParams();
  const text = search.toString();
  const address = useMemo(() => readModeAddress(new URLSearchParams(text)), [text]);
  const wordsText = writeModeAddress({ words: address.words, turns: {} });
  const reading = useMemo(
    () => readWork(mode, readModeAddress(new URLSearchParams(wordsText)).words, machines, units.length),
    [mode, wordsText, machines, units.length],
  );
  const { answer, takeNew } = useAnswer(mode, reading, { machines, trials, turns: address.turns });
  const go = (next: Partial<ModeAddress>, replace = true) =>
    flushSync(() => setSearch(writeModeAddress({ ...address, ...next }), { replace }));
  const { words, turns } = address;
  return {
    ...{ mode, reading, units, answer },
    sayWord: (word, said, isTyped = false) => go({ words: { ...words, [word]: said }, turns: {} }, isTyped),
    turn: (knob, value) =>
      go({ turns: { ...turns, ...asPulsing(knob, value, answer), [knob]: String(value) } }),
    release: (knob) =>
      go({ turns: Object.fromEntries(Object.entries(turns).filter(([name]) => name !== knob)) }),
    releaseAll: () => {
      takeNew();
      go({ turns: {} }, false);
    },
    pinAll: () => {
      if (answer !== null) go({ turns: turnsOf(answer.setting) });
    },
  };
}

/** Light that is asked to pulse has a duty below all, or it would not. */
function asPulsing<Mode extends HandMode>(
  knob: string,
  value: string | number,
  answer: ModeAnswer<Mode> | null,
): Readonly<Record<string, string>> {
  if (knob !== 'pulseHz' || answer === null || !('dutyPercent' in answer.setting)) return {};
  if (value === 'none') return { dutyPercent: '100' };
  return answer.setting.pulseHz === null ? { dutyPercent: '70' } : {};
}

function turnsOf(setting: object): Readonly<Record<string, string>> {
  const values = Object.entries(setting as Record<string, string | number | null>);
  return Object.fromEntries(
    values.filter(([name]) => name !== 'mode').map(([name, value]) => [name, String(value ?? 'none')]),
  );
}

/** What the sentence comes to. Numbers that came stand until somebody takes new ones, whatever is logged meanwhile. */
function useAnswer<Mode extends HandMode>(
  mode: Mode,
  { work, machine }: WorkReading<Mode>,
  {
    machines,
    trials,
    turns,
  }: {
    readonly machines: readonly Machine[];
    readonly trials: readonly Trial[];
    readonly turns: ModeAddress['turns'];
  },
) {
  const shop = useMemo(
    () => (machine === null ? null : { machine, machines, trials }),
    [machine, machines, trials],
  );
  const suggested = useMemo(
    () => (work === null || shop === null ? null : modeRules[mode].suggest(work, shop)),
    [mode, work, shop],
  );
  const [stood, setStood] = useState({ work, suggested });
  const isOfThis = stood.work === work && stood.suggested !== null;
  if (!isOfThis && suggested !== null) setStood({ work, suggested });
  const standing = isOfThis ? stood.suggested : suggested;
  const answer = useMemo((): ModeAnswer<Mode> | null => {
    if (work === null || shop === null || suggested === null || standing === null) return null;
    const { setting, dropped } = turnedSetting(standing, turns);
    const rules = modeRules[mode];
    const odds = rules.odds(work, setting, shop);
    if (odds === null) return null;
    const isTurned = Object.keys(turns).length > 0;
    return {
      ...{ work, shop, setting, suggested, odds, dropped, isTurned },
      restsOn: rules.restsOn(work, shop),
      beyond: beyondMode(work, setting, shop.machine),
      isOutdated: !isTurned && !isAlike(standing, suggested),
    };
  }, [mode, work, shop, suggested, standing, turns]);
  return { answer, takeNew: () => setStood({ work, suggested }) };
}
