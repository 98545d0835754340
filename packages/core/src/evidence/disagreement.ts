import type { ShopEvidence } from './shopEvidence.js';

/** What coupons that contradict each other say of a shop. */
export interface Disagreement {
  /** Times the usual scatter that they bear out. */
  readonly scatter: number;
  /** The coupons that the others would not have expected, the least expected first. */
  readonly ids: readonly string[];
}

/** A finding that the other coupons gave less than this chance disagrees with them. */
const unexpected = 0.15;
/** Scatter from here on is more than chance plays. */
const wideScatter = 1.5;

/**
 * Whether a shop's coupons contradict each other: they scatter clearly more than is usual, and some came out as the
 * others would not have expected. Something differed between them that nobody wrote down.
 *
 * @returns null where they agree
 * @example
 * disagreement(shopEvidence(sampleWeld, [sampleCoupon('even')])) // => null
 */
export function disagreement({ fits, used }: ShopEvidence): Disagreement | null {
  const scatter = Math.exp(fits.reduce((sum, { share, factor }) => sum + share * Math.log(factor), 0));
  const ids = used
    .filter(({ expected }) => expected < unexpected)
    .toSorted((a, b) => a.expected - b.expected || (a.id < b.id ? -1 : 1))
    .map(({ id }) => id);
  return scatter < wideScatter || ids.length === 0 ? null : { scatter, ids };
}
