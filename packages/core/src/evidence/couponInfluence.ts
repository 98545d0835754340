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
 * What each coupon did to the answer for a weld: the answer less the answer without that coupon, by one Newton step
 * from the mode with the coupon's own curvature taken out (Sherman and Morrison). Largest first.
 *
 * @example
 * couponInfluence(shopEvidence(sampleWeld, [sampleCoupon('faint')]), sampleWeld)[0].lnShift.toFixed(2) // => '-0.20'
 */
export function couponInfluence(evidence: ShopEvidence, weld: EvidenceWeld): readonly CouponInfluence[] {
  const asked = lineRow(evidence.line.terms, weld);
  const influences = evidence.used.map(({ id, row, slope, curvature }) => {
    const across = quadratic(evidence, asked, row);
    const own = quadratic(evidence, row, row);
    return { id, lnShift: (across * slope) / (1 - curvature * own) };
  });
  return influences.sort((a, b) => Math.abs(b.lnShift) - Math.abs(a.lnShift) || (a.id < b.id ? -1 : 1));
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
