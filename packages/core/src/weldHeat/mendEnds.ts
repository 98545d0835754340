import { seamEnds, type SeamEnds, type SeamEndsSetting } from './seamEnds.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** How a seam begins and ends as it is set, and with what would mend it. */
export interface MendedEnds {
  readonly asSet: SeamEnds;
  readonly setting: SeamEndsSetting;
  /** Standing still at the start; null where nothing has to be mended, or no dwell does it without too wide a melt. */
  readonly start: { readonly dwell: number; readonly ends: SeamEnds } | null;
  /** Letting the power fall before the end; null where nothing has to be mended, or no ramp does it. */
  readonly end: { readonly rampDown: number; readonly ends: SeamEnds } | null;
  /** Whether something had to be mended. */
  readonly isColdStart: boolean;
  readonly isHotEnd: boolean;
  /** False where the heat is not even through the thickness, so that nothing of this can be said. */
  readonly isKnown: boolean;
}

/** A middle narrower than this share of the bead is not the seam that the melt model has. */
const leastMiddle = 0.4;

/** Tried from the shortest, s: what a trigger and a panel can be told. */
const dwells = [0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.7, 1];
const rampDowns = [0.1, 0.2, 0.3, 0.4, 0.6, 0.8, 1.2, 2];

/** A start as cold as a quarter of the bead, and no less than half a millimetre, is none that anybody mends. */
const leastCold = 0.5e-3;
/** A melt this much wider than the seam's own is on the way to a hole. */
const tooWide = 1.25;
const hot = 1.1;

/**
 * Computes the ends of a seam as it is set and looks for the shortest dwell that wets the start and the shortest ramp down that
 * keeps the end from running hot. Each is run before it is offered.
 *
 * @param goOn asked before each run; ends the work by answering false
 * @returns null where it was stopped
 */
export function mendEnds(
  input: WeldHeatInput,
  setting: SeamEndsSetting,
  goOn: (done: number) => boolean = () => true,
): MendedEnds | null {
  const asSet = seamEnds(input, setting);
  if (asSet.middle < leastMiddle * input.beadWidth)
    return { asSet, setting, start: null, end: null, isColdStart: false, isHotEnd: false, isKnown: false };
  const mostCold = Math.max(leastCold, input.beadWidth / 4);
  const isColdStart = asSet.coldFor > mostCold;
  const isHotEnd = asSet.widestAtEnd > hot && asSet.hotFor > 0;
  if (!goOn(0.2)) return null;
  const dwell = isColdStart
    ? shortest(
        dwells,
        (each) => seamEnds(input, { ...setting, dwell: each }),
        ({ coldFor }) => coldFor <= mostCold,
      )
    : null;
  if (!goOn(0.6)) return null;
  const ramp = isHotEnd
    ? shortest(
        rampDowns.filter((each) => each > setting.rampDown),
        (each) => seamEnds(input, { ...setting, rampDown: each }),
        ({ widestAtEnd }) => widestAtEnd <= hot,
      )
    : null;
  return {
    isKnown: true,
    asSet,
    setting,
    isColdStart,
    isHotEnd,
    start:
      dwell === null || dwell.ends.widestAtStart > tooWide ? null : { dwell: dwell.tried, ends: dwell.ends },
    end: ramp === null ? null : { rampDown: ramp.tried, ends: ramp.ends },
  };
}

/** The first of rising candidates that does it, by halving: what a longer one does a shorter one does less of. */
function shortest(
  candidates: readonly number[],
  run: (tried: number) => SeamEnds,
  isEnough: (ends: SeamEnds) => boolean,
): { readonly tried: number; readonly ends: SeamEnds } | null {
  let [low, high] = [0, candidates.length];
  let found: { tried: number; ends: SeamEnds } | null = null;
  while (low < high) {
    const middle = (low + high) >> 1;
    const tried = candidates[middle] as number;
    const ends = run(tried);
    if (isEnough(ends)) {
      found = { tried, ends };
      high = middle;
    } else low = middle + 1;
  }
  return found;
}
