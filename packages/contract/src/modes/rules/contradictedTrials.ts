import type { Trial } from '../../trials/trial.js';
import type { ModeLook } from '../modeLooks.js';
import type { HandMode, ModeWork } from '../modeWork.js';
import { isAlike } from './isAlike.js';

/** Looks at the two ends of a mode: chance alone seldom makes both of one setting. */
const ends: Readonly<
  Record<HandMode, readonly [tooLittle: readonly ModeLook[], tooMuch: readonly ModeLook[]]>
> = {
  clean: [['untouched'], ['marked']],
  cut: [['sparksUp'], ['through', 'weldedShut']],
  spot: [['loose'], ['through', 'blown']],
  seam: [['loose'], ['through', 'blown']],
};

/** Two trials that were set alike, in the same sheet, and came out at opposite ends. */
export interface Contradiction {
  readonly tooLittle: Trial;
  readonly tooMuch: Trial;
}

/**
 * The newest trials that contradict each other: what differed between them is no number of the panel, so odds that rest on
 * them say more than is known.
 *
 * @param trials of one mode, newest first, that count
 * @returns null where none do
 */
export function contradictedTrials(trials: readonly Trial[]): Contradiction | null {
  for (const tooLittle of trials) {
    const [few, many] = ends[tooLittle.work.mode];
    if (!few.includes(tooLittle.look)) continue;
    const tooMuch = trials.find((other) => many.includes(other.look) && isSetAlike(tooLittle, other));
    if (tooMuch !== undefined) return { tooLittle, tooMuch };
  }
  return null;
}

function isSetAlike(one: Trial, other: Trial): boolean {
  return (
    one.machineId === other.machineId &&
    isAlike(sheetOf(one.work), sheetOf(other.work)) &&
    isAlike(one.setting, other.setting)
  );
}

/** What of some work the light meets: how long and how wide it is, and what it was for, change nothing there. */
function sheetOf(work: ModeWork): object {
  const { lengthMm, widthMm, aim, wantedMm, place, ...met } = work as ModeWork &
    Readonly<Record<string, unknown>>;
  return met;
}
