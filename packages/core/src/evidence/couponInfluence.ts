import type { EvidenceWeld } from './EvidenceWeld.js';
import { lineRow } from './depthLine.js';
import type { ShopEvidence } from './shopEvidence.js';

/** How far one coupon moved an answer. */
export interface CouponInfluence {
  readonly id: string;
  /** Change of ln(real depth/model depth) that is due to it: positive where it makes the answer deeper. */
  readonly lnShift: number;
}

/**
 * What each coupon did to the answer for a weld: the answer less the answer without that coupon, by taking its stand-in
 * out again (Sherman and Morrison), over the scatters that the shop may have. Largest first.
 *
 * @example
 * couponInfluence(shopEvidence(sampleWeld, [sampleCoupon('faint')]), sampleWeld)[0].lnShift.toFixed(2) // => '-0.11'
 */
export function couponInfluence(evidence: ShopEvidence, weld: EvidenceWeld): readonly CouponInfluence[] {
  const asked = lineRow(evidence.line.terms, weld);
  const influences = evidence.used.map(({ id, row, standIns }) => {
    const lnShift = evidence.fits.reduce((sum, { share, covariance }, f) => {
      const { slope, curvature } = standIns[f] as (typeof standIns)[number];
      const across = product(covariance, asked, row);
      const own = product(covariance, row, row);
      return sum + (share * across * slope) / (1 - curvature * own);
    }, 0);
    return { id, lnShift };
  });
  return influences.sort((a, b) => Math.abs(b.lnShift) - Math.abs(a.lnShift) || (a.id < b.id ? -1 : 1));
}

/** x'Vy of a flat matrix. */
function product(matrix: Float64Array, x: Float64Array, y: Float64Array): number {
  let sum = 0;
  for (let j = 0; j < x.length; j++) {
    for (let k = 0; k < y.length; k++) {
      sum += (x[j] as number) * (y[k] as number) * (matrix[j * x.length + k] as number);
    }
  }
  return sum;
}

/** x'Vy. */
export function quadratic({ covariance }: ShopEvidence, x: Float64Array, y: Float64Array): number {
  let sum = 0;
  for (let j = 0; j < x.length; j++) {
    const left = x[j] as number;
    if (left === 0) continue;
    for (let k = 0; k < y.length; k++) sum += left * (y[k] as number) * covariance.get(j, k);
  }
  return sum;
}
