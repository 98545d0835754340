import type { CouponDraft } from '../coupon.js';

/**
 * Travel as it really was, mm/s: length of the run over the time the light was on; null where either is unknown.
 */
export function realTravelMmS({ lightOnS, runLengthMm }: Pick<CouponDraft, 'lightOnS' | 'runLengthMm'>) {
  return lightOnS === null || runLengthMm === null ? null : runLengthMm / lightOnS;
}
