import {
  holeToPropose,
  jointRanges,
  legToPropose,
  tenths,
  type Conditions,
  type Joint,
} from '@lone-heron/contract';
import {
  backings,
  bevelRanges,
  positions,
  seamKinds,
  seamRow,
  seamSizes,
  surfaces,
  tackRanges,
  type AllowedRange,
  type LegFeed,
  type SeamRow,
  type SeamSize,
} from '@lone-heron/core';
import { bevels, runs, type DialWords } from './dialWords.js';
import { readLength, readSeconds, type SizeName } from './readSizes.js';
import { readOneOf, type Note } from './readWord.js';

type SheetField = 'metal' | 'secondMetal' | 'firstThicknessMm' | 'secondThicknessMm' | 'gapMm' | 'conditions';
type WithoutSheets<Each> = Each extends Joint ? Omit<Each, SheetField> : never;

/** What a kind of joint says beside its sheets. */
export type KindWords = WithoutSheets<Joint>;

/** How words are read, with their faults noted. */
export interface Reader {
  readonly note: Note;
  readonly size: (word: SizeName, metal: null, range: AllowedRange, proposed?: number) => number | null;
}

/** The row of a kind as it was typed or picked; null for a word that is none. */
function typedRow(kind: string): SeamRow | null {
  const known = seamKinds.find((each) => each === kind);
  return known === undefined ? null : seamRow(known);
}

/** Which words a kind of joint is said with. */
export const saysBevel = (kind: string) => typedRow(kind)?.canBevel ?? false;
export const saysSides = (kind: string) => typedRow(kind)?.asksSides ?? false;
export const saysSize = (kind: string, size: SeamSize) => typedRow(kind)?.sizes.includes(size) ?? false;
export const isCorner = (kind: string) => typedRow(kind)?.isCorner ?? false;

/** A bevel that leaves this share of the thinner sheet, where nobody said another. */
const proposedLand = 0.5;

/**
 * The kind of joint with the sizes it has; null where one of them cannot be.
 *
 * @param thinner mm, Infinity while neither sheet is known
 */
export function readKindWords(
  words: DialWords,
  thinner: number,
  { first, second, feed }: Sheets,
  { note, size }: Reader,
): KindWords | null {
  const kind = note('kind', readOneOf('joint', words.kind, seamKinds));
  const tack = readTack(words, { note, size });
  if (kind === null || tack === null) return null;
  const sheet = Number.isFinite(thinner) ? thinner : 1.5;
  const own: Record<string, unknown> = {};
  const sheets = { firstMm: first ?? sheet, secondMm: second ?? sheet };
  const sides = words.sides === '2' ? 2 : 1;
  const read: Readonly<Record<SeamSize, () => number | null>> = {
    tubeRadius: () => halved(size('tube', null, tubeRange)),
    leg: () => {
      const radius = own['tubeRadiusMm'];
      const tubeRadiusMm = typeof radius === 'number' ? radius : null;
      return size('leg', null, seamSizes.leg, legToPropose(kind, { ...sheets, tubeRadiusMm }, sides, feed));
    },
    holeDiameter: () => size('hole', null, seamSizes.holeDiameter, holeToPropose(sheets.firstMm)),
  };
  for (const each of seamRow(kind).sizes) own[`${each}Mm`] = read[each]();
  if (saysBevel(kind) && words.bevel !== 'square') {
    const angle = note('bevel', readOneOf('bevel', words.bevel, bevels));
    const range = { ...bevelRanges.land, max: sheet };
    const landMm = size('land', null, range, tenths(Math.max(0.3, sheet * proposedLand)));
    own['bevel'] = angle === null || landMm === null ? null : { landMm, angleDeg: Number(angle) };
  }
  if (Object.values(own).includes(null)) return null;
  // The sizes were read by the kind, which is more than the compiler can follow; a test holds it to the schema.
  return {
    kind,
    ...own,
    ...(saysSides(kind) && sides === 2 ? { sides } : {}),
    ...(tack.tack === undefined ? {} : { tack: tack.tack }),
  } as KindWords;
}

/** The sheets as far as they were understood, mm, and what lays metal into the joint. */
interface Sheets {
  readonly first: number | null;
  readonly second: number | null;
  readonly feed: LegFeed | null;
}

/** Tubes are said by their diameter. */
const tubeRange = {
  quantity: 'tube',
  min: 2 * seamSizes.tubeRadius.min,
  max: 2 * seamSizes.tubeRadius.max,
  unit: 'mm',
};

function halved(diameter: number | null): number | null {
  return diameter === null ? null : diameter / 2;
}

/** A timed tack; undefined inside for a run, null where one of its words cannot be. */
function readTack(words: DialWords, { note }: Reader): { tack: Joint['tack'] } | null {
  if (words.run !== 'tack') return { tack: undefined };
  const lengthMm = note('tackLength', readLength(words.tackLength, null, tackRanges.length, 'mm'));
  const lightOnS = note('tackTime', readSeconds(words.tackTime, tackRanges.time));
  return lengthMm === null || lightOnS === null ? null : { tack: { lengthMm, lightOnS } };
}

/** How the joint is met. */
export function readConditions(words: DialWords, { note, size }: Reader): Conditions | null {
  const backing = note('backing', readOneOf('backing', words.backing, backings));
  const surface = note('surface', readOneOf('surface', words.surface, surfaces));
  const position = note('position', readOneOf('position', words.position, positions));
  const run = note('run', readOneOf('run', words.run, runs));
  const isTwoSided = words.sides === '2';
  const stitches = run === 'stitched' ? readStitches(isTwoSided, { note, size }) : null;
  if (backing === null || surface === null || position === null || run === null) return null;
  if (run === 'stitched' && stitches === null) return null;
  const freeEdgeMm = words.edge === 'near' ? size('edgeAway', null, jointRanges.freeEdge) : undefined;
  if (freeEdgeMm === null) return null;
  return { backing, surface, position, stitches, ...(freeEdgeMm === undefined ? {} : { freeEdgeMm }) };
}

function readStitches(isTwoSided: boolean, { size }: Reader): Conditions['stitches'] {
  const lengthMm = size('stitch', null, jointRanges.stitch);
  // A pitch that is not longer than its stitch is one run.
  const least = Math.max(jointRanges.pitch.min, (lengthMm ?? 0) + 0.1);
  const pitchMm = size('pitch', null, { ...jointRanges.pitch, min: least });
  const offsetMm = isTwoSided ? size('offset', null, jointRanges.offset) : 0;
  return lengthMm === null || pitchMm === null || offsetMm === null ? null : { lengthMm, pitchMm, offsetMm };
}
