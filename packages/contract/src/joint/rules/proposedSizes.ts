import { inMm, mm, proposedLeg, seamRow, seamSizes, type LegFeed, type SeamKind } from '@lone-heron/core';

/** The sheets of a joint whose other sizes nobody said, mm. */
interface SaidSheets {
  readonly firstMm: number;
  readonly secondMm: number;
  /** Null where it has no tube, or nobody said which. */
  readonly tubeRadiusMm: number | null;
}

/** A tube of common size, where nobody said which. */
const commonTubeRadiusMm = 20;
/** A plug of this many top sheets, mm. */
const proposedHole = 4;

/**
 * The leg that carries the thinner sheet and one pass gives, mm; the sheet's own thickness until it is known what lays it.
 *
 * @param kind one that has a leg
 */
export function legToPropose(
  kind: SeamKind,
  { firstMm, secondMm, tubeRadiusMm }: SaidSheets,
  sides: 1 | 2,
  feed: LegFeed | null,
): number {
  const thinner = Math.min(firstMm, secondMm);
  if (feed === null) return tenths(Math.max(seamSizes.leg.min, thinner));
  const sheets = { firstThickness: mm(firstMm), secondThickness: mm(secondMm), gap: mm(0), leg: mm(thinner) };
  const { sizes, secondSide } = seamRow(kind);
  // It is asked for kinds that have a leg alone, which is more than the compiler can follow.
  const seam = {
    ...{ kind, ...sheets },
    ...(sizes.includes('tubeRadius') ? { tubeRadius: mm(tubeRadiusMm ?? commonTubeRadiusMm) } : {}),
    ...(secondSide === 'ownFillet' ? { sides } : {}),
  } as Parameters<typeof proposedLeg>[0];
  return tenths(inMm(proposedLeg(seam, feed)));
}

/** The hole of a plug that its top sheet asks, mm. */
export function holeToPropose(topSheetMm: number): number {
  return Math.min(seamSizes.holeDiameter.max, Math.max(3, Math.round(topSheetMm * proposedHole)));
}

/** Whole tenths of a millimetre. */
export function tenths(mm: number): number {
  return Math.round(mm * 10) / 10;
}
