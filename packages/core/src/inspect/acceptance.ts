import { mm, saidLength, type SaidUnits } from '../quantity/index.js';

/** What a weld must show to be taken; null where the level does not ask. A shop edits these: they are a start. */
export interface AcceptanceLevel {
  /** Depth over thickness at least, from a section or by an even back. */
  readonly leastReach: number | null;
  /** Undercut at most, as a share of the thickness. */
  readonly mostUndercut: number | null;
  /** Crown at most, as a share of the thickness. */
  readonly mostCrown: number | null;
  /** Edges out of line at most, as a share of the thickness. */
  readonly mostMisalignment: number | null;
  /** Bent this far without breaking in or beside the weld, degrees. */
  readonly bendAngle: number | null;
  /** Longest dye indication at most, mm. */
  readonly longestIndication: number | null;
  /** A leak or pressure test must have held. */
  readonly asksTight: boolean;
}

export const acceptanceCriteria = [
  'reach',
  'undercut',
  'crown',
  'misalignment',
  'bend',
  'indication',
  'tight',
] as const;
export type AcceptanceCriterion = (typeof acceptanceCriteria)[number];

/** What a coupon's tests found, whatever they were; null where nobody looked. */
export interface InspectionFound {
  /** Depth over thickness: a measured value, or at least this where the melt came through. */
  readonly reach: { readonly value: number; readonly isAtLeast: boolean } | null;
  /** Shares of the thickness. */
  readonly undercut: number | null;
  readonly crown: number | null;
  readonly misalignment: number | null;
  readonly bends: readonly { readonly angle: number; readonly isSound: boolean }[];
  /** mm */
  readonly indication: number | null;
  /** Whether every leak and pressure test held. */
  readonly isTight: boolean | null;
}

/** One thing a level asks, and whether it is so. */
export interface CriterionVerdict {
  readonly criterion: AcceptanceCriterion;
  readonly verdict: 'met' | 'notMet' | 'notTested';
  readonly asked: string;
  readonly found: string;
}

/**
 * Holds what was found against a level, thing by thing; what the level does not ask is left out. A thing nobody tested
 * is not met: it is open. A bend counts against the level where it broke in or beside the weld, at whatever angle.
 *
 * @example
 * judgeAcceptance({ leastReach: 1, mostUndercut: null, mostCrown: null, mostMisalignment: null, bendAngle: null, longestIndication: null, asksTight: false }, { reach: { value: 0.8, isAtLeast: false }, undercut: null, crown: null, misalignment: null, bends: [], indication: null, isTight: null })[0].verdict // => 'notMet'
 */
export function judgeAcceptance(
  level: AcceptanceLevel,
  found: InspectionFound,
  saidIn?: SaidUnits,
): readonly CriterionVerdict[] {
  return [
    reachVerdict(level, found),
    mostVerdict('undercut', level.mostUndercut, found.undercut),
    mostVerdict('crown', level.mostCrown, found.crown),
    mostVerdict('misalignment', level.mostMisalignment, found.misalignment),
    bendVerdict(level, found),
    indicationVerdict(level, found, saidIn),
    tightVerdict(level, found),
  ].filter((verdict) => verdict !== null);
}

const nothing = 'not tested';

function reachVerdict({ leastReach }: AcceptanceLevel, { reach }: InspectionFound): CriterionVerdict | null {
  if (leastReach === null) return null;
  const asked = `${percent(leastReach)} of the thickness or more`;
  if (reach === null) return { criterion: 'reach', verdict: 'notTested', asked, found: nothing };
  const isMet = reach.value >= leastReach;
  const words = `${reach.isAtLeast ? 'at least ' : ''}${percent(reach.value)}`;
  // "At least" that falls short of what is asked says neither yes nor no.
  const verdict = isMet ? 'met' : reach.isAtLeast ? 'notTested' : 'notMet';
  return { criterion: 'reach', verdict, asked, found: words };
}

function mostVerdict(
  criterion: 'undercut' | 'crown' | 'misalignment',
  most: number | null,
  value: number | null,
): CriterionVerdict | null {
  if (most === null) return null;
  const asked = `${percent(most)} of the thickness or less`;
  if (value === null) return { criterion, verdict: 'notTested', asked, found: nothing };
  return { criterion, verdict: value <= most ? 'met' : 'notMet', asked, found: percent(value) };
}

function bendVerdict({ bendAngle }: AcceptanceLevel, { bends }: InspectionFound): CriterionVerdict | null {
  if (bendAngle === null) return null;
  const asked = `bent ${bendAngle}° without breaking in or beside the weld`;
  const broken = bends.find(({ isSound }) => !isSound);
  if (broken !== undefined) {
    return { criterion: 'bend', verdict: 'notMet', asked, found: `broke at or before ${broken.angle}°` };
  }
  const furthest = Math.max(0, ...bends.map(({ angle }) => angle));
  if (furthest >= bendAngle)
    return { criterion: 'bend', verdict: 'met', asked, found: `sound at ${furthest}°` };
  const found = bends.length === 0 ? nothing : `sound, but bent only ${furthest}°`;
  return { criterion: 'bend', verdict: 'notTested', asked, found };
}

function indicationVerdict(
  level: AcceptanceLevel,
  { indication }: InspectionFound,
  saidIn?: SaidUnits,
): CriterionVerdict | null {
  const { longestIndication: most } = level;
  if (most === null) return null;
  const asked =
    most === 0 ? 'no dye indication' : `dye indication of ${saidLength(mm(most), saidIn, 2)} or less`;
  if (indication === null) return { criterion: 'indication', verdict: 'notTested', asked, found: nothing };
  const found = indication === 0 ? 'none' : saidLength(mm(indication), saidIn, 2);
  return { criterion: 'indication', verdict: indication <= most ? 'met' : 'notMet', asked, found };
}

function tightVerdict({ asksTight }: AcceptanceLevel, { isTight }: InspectionFound): CriterionVerdict | null {
  if (!asksTight) return null;
  const asked = 'tight in a leak or pressure test';
  if (isTight === null) return { criterion: 'tight', verdict: 'notTested', asked, found: nothing };
  return {
    criterion: 'tight',
    verdict: isTight ? 'met' : 'notMet',
    asked,
    found: isTight ? 'held' : 'leaked',
  };
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}
