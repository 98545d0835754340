import { areWeldedAlike } from '../../cards/rules/cardProof.js';
import { plainConditions, type Joint } from '../../joint/joint.js';
import type { JobDraft } from '../job.js';
import type { JobWeld } from '../jobWeld.js';
import type { WeldAnswer } from './weldAnswer.js';

/** A coupon to weld before the first light, and the welds it can prove. */
export interface CouponToWeld {
  /** The weld whose joint and setting it is welded with. */
  readonly mark: string;
  /** Marks of every weld it can prove, its own among them. */
  readonly proves: readonly string[];
  readonly joint: Joint;
}

/**
 * The coupons that a job asks first: as few as prove every weld that no signed card stands behind. One proves each weld that is
 * welded alike, in its position and on its backing; of those that prove as many, the one with the thinnest sheet, which is the least scrap.
 */
export function couponsToWeld(
  { welds }: Pick<JobDraft, 'welds'>,
  answers: readonly WeldAnswer[],
): readonly CouponToWeld[] {
  const standing = new Map(answers.map((answer) => [answer.mark, answer.standing]));
  let left = welds.filter(({ mark }) => standing.has(mark) && standing.get(mark) !== 'proven');
  const coupons: CouponToWeld[] = [];
  while (left.length > 0) {
    const offers = left.map((weld) => ({ weld, proves: left.filter((other) => isProvenBy(other, weld)) }));
    const best = offers.reduce((one, other) => (isBetter(other, one) ? other : one));
    const marks = best.proves.map(({ mark }) => mark);
    coupons.push({ mark: best.weld.mark, proves: marks, joint: best.weld.joint });
    left = left.filter(({ mark }) => !marks.includes(mark));
  }
  return coupons;
}

interface Offer {
  readonly weld: JobWeld;
  readonly proves: readonly JobWeld[];
}

function isBetter(one: Offer, other: Offer): boolean {
  if (one.proves.length !== other.proves.length) return one.proves.length > other.proves.length;
  return sheetOf(one.weld) < sheetOf(other.weld);
}

const sheetOf = ({ joint }: JobWeld) => joint.firstThicknessMm + joint.secondThicknessMm;

/** Whether a coupon of one weld says what another asks to be known. */
function isProvenBy(weld: JobWeld, coupon: JobWeld): boolean {
  if (weld.mark === coupon.mark) return true;
  const [one, other] = [weld, coupon].map(({ joint }) => joint.conditions ?? plainConditions);
  return (
    areWeldedAlike(weld.joint, coupon.joint) &&
    weld.wireDiameterMm === coupon.wireDiameterMm &&
    one?.position === other?.position &&
    one?.backing === other?.backing &&
    one?.freeEdgeMm === other?.freeEdgeMm &&
    one?.surface === other?.surface
  );
}
