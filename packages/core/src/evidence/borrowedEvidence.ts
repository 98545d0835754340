import { depthCorrection } from './depthCorrection.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { shopEvidence, type ShopEvidence } from './shopEvidence.js';

/** What a workshop's answer owes to the others of its firm. */
export interface BorrowedEvidence {
  /** Workshops and coupons that it borrows from: those that counted. */
  readonly workshops: number;
  readonly coupons: number;
  /** Coupons of the workshop itself that counted. */
  readonly own: number;
  /** Give or take by the workshop's own coupons alone, and with the others': one standard deviation of the depth, 0.1 for a tenth. */
  readonly aloneSd: number;
  readonly pooledSd: number;
  /** Share of what was not known that the others take away: 0 for nothing, 1 for everything. */
  readonly share: number;
  /** Such as "Other workshops take a third of the doubt away: 9 % give or take, 14 % by what was welded here alone (4 coupons)." */
  readonly words: string;
}

/**
 * How much of an answer is borrowed from other workshops of the firm: the same question asked of the workshop's own coupons alone, and of all.
 *
 * @param pooled what all coupons say, where it is worked out already
 * @returns null where nobody else's coupons count
 * @example
 * borrowedEvidence(sampleWeld, [sampleCoupon('faint')]) // => null
 */
export function borrowedEvidence(
  question: EvidenceWeld,
  coupons: readonly EvidenceCoupon[],
  pooled: ShopEvidence = shopEvidence(question, coupons),
): BorrowedEvidence | null {
  const isOwn = ({ weld }: EvidenceCoupon) => (weld.workshopId ?? '') === (question.workshopId ?? '');
  const counted = new Set(pooled.used.map(({ id }) => id));
  const others = coupons.filter((coupon) => counted.has(coupon.id) && !isOwn(coupon));
  if (others.length === 0) return null;
  const own = coupons.filter(isOwn);
  const alone = shopEvidence(question, own);
  const aloneSd = depthCorrection(alone, question).sd;
  const pooledSd = depthCorrection(pooled, question).sd;
  const figures = {
    workshops: new Set(others.map(({ weld }) => weld.workshopId ?? '')).size,
    coupons: others.length,
    own: alone.used.length,
    aloneSd,
    pooledSd,
    share: Math.max(0, 1 - (pooledSd / aloneSd) ** 2),
  };
  return { ...figures, words: borrowedWords(figures) };
}

/** Less than this share is not worth a figure. */
const hardly = 0.05;

function borrowedWords(figures: Omit<BorrowedEvidence, 'words'>): string {
  const { workshops, coupons, own, aloneSd, pooledSd, share } = figures;
  const whose = workshops === 1 ? 'another workshop' : `${workshops} other workshops`;
  const theirs = `${coupons === 1 ? 'A coupon' : `${coupons} coupons`} of ${whose}`;
  const here =
    own === 0 ? 'none was welded here' : own === 1 ? 'one was welded here' : `${own} were welded here`;
  if (share < hardly)
    return `${theirs} ${coupons === 1 ? 'changes' : 'change'} hardly anything: ${here}${own === 0 ? '' : ', and counts first'}.`;
  const doubt = (sd: number) => `${Math.round(sd * 100)} %`;
  return `${theirs} ${coupons === 1 ? 'takes' : 'take'} ${Math.round(share * 100)} % of the doubt away (${here}): give or take ${doubt(pooledSd)} with them, ${doubt(aloneSd)} without. A coupon of this workshop’s own counts for more.`;
}
