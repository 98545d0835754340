import type { BackLook, SeenAt, WindowReason } from '@lone-heron/contract';
import type { Outcome } from '@lone-heron/core';

/** The look of a back in the words a welder uses. */
export const lookWords: Readonly<Record<BackLook, { short: string; long: string }>> = {
  none: { short: 'no mark', long: 'nothing to be seen behind' },
  faint: { short: 'faint line', long: 'a trace of heat, not through' },
  even: { short: 'even line', long: 'through along the whole run' },
  heavy: { short: 'heavy', long: 'sagging or wide behind' },
  hole: { short: 'hole', long: 'blown through' },
};

/** A look at toes and far side, of a joint that has no back. */
const toesWords: typeof lookWords = {
  none: { short: 'toes cold', long: 'it lies on top, edges not wetted' },
  faint: { short: 'one toe', long: 'only one side is wetted' },
  even: { short: 'toes wetted', long: 'both sides, nothing on the far side' },
  heavy: { short: 'shows', long: 'it shows on the far side' },
  hole: { short: 'hole', long: 'blown through' },
};

/** A look at the back after the first of two runs. */
const firstRunWords: typeof lookWords = {
  none: { short: 'no mark', long: 'nothing yet: a cut shows whether the runs meet' },
  faint: { short: 'faint line', long: 'a trace of heat: the runs meet' },
  even: { short: 'line', long: 'through already: the runs meet' },
  heavy: { short: 'heavy', long: 'sagging or wide behind' },
  hole: { short: 'hole', long: 'blown through' },
};

/** The looks of what was looked at. */
export function wordsOfLooks(lookedAt: SeenAt | undefined): typeof lookWords {
  if (lookedAt === 'toes') return toesWords;
  return lookedAt === 'firstRun' ? firstRunWords : lookWords;
}

/** What was looked at, as a paper names it. */
export const lookNames: Readonly<Record<SeenAt, string>> = {
  back: 'Back',
  toes: 'Toes and far side',
  firstRun: 'Back after the first run',
};

/** What a welder is asked of what can be looked at. */
export const lookQuestions: Readonly<Record<SeenAt, string>> = {
  back: 'What did the back look like?',
  toes: 'What do toes and far side show?',
  firstRun: 'After the first run, before the second: what did the back look like?',
};

/** The outcome that a look at the back speaks of. */
export const outcomeOfLook: Readonly<Record<BackLook, Outcome>> = {
  none: 'cold',
  faint: 'part',
  even: 'full',
  heavy: 'hot',
  hole: 'hole',
};

/** Why a window came out. */
export const windowReasonWords: Readonly<Record<WindowReason, { short: string; long: string }>> = {
  darkSpecks: { short: 'dark specks', long: 'dirt got in and burnt on' },
  paleSpecks: { short: 'pale specks', long: 'light came back from the work' },
  haze: { short: 'haze', long: 'dull all over' },
  cracked: { short: 'cracked', long: 'a line or a chip in the glass' },
  sound: { short: 'sound', long: 'nothing on it to be seen' },
  weakWelds: { short: 'weak welds', long: 'power fell away, glass looks sound' },
  planned: { short: 'planned', long: 'changed on its day' },
  other: { short: 'other', long: 'say what in the note' },
};
