import { weldScatter, type DepthBelief } from '../odds/index.js';
import { lineRow, unknownVariance } from './depthLine.js';
import type { EvidenceWeld } from './EvidenceWeld.js';
import type { ScatterFit, ShopEvidence } from './shopEvidence.js';

/**
 * What is believed of a weld's depth against the model's, with the shop's coupons: normal parts, by how much the shop
 * may scatter and, where coupons are few, by how the answer leans. Made for the evidence's own question; a weld beside
 * it takes that lean as far as it shares the question's doubt. A machine, family or gas that the evidence was not made
 * for is as unknown as before any coupon.
 *
 * @example
 * depthBelief(shopEvidence(sampleWeld, []), sampleWeld)[0].lnRatio // => 0
 */
export function depthBelief(evidence: ShopEvidence, weld: EvidenceWeld): DepthBelief {
  const { terms } = evidence.line;
  const row = lineRow(terms, weld);
  const unknown = unknownVariance(terms, weld);
  return evidence.fits.flatMap((fit) => {
    const along = lineThrough(fit, row, evidence.asked);
    return fit.shape.map(({ share, mean, sd }) => ({
      share: fit.share * share,
      lnRatio: along.mean + along.shared * mean,
      sd: Math.sqrt(Math.max(0, along.variance - along.shared ** 2 + (along.shared * sd) ** 2) + unknown),
      scatter: weldScatter * fit.factor,
    }));
  });
}

/** Mean and variance of a fit's line at a row, and the standard deviation that it shares with the question. */
function lineThrough({ mean, covariance }: ScatterFit, row: Float64Array, asked: Float64Array) {
  const size = row.length;
  let [at, variance, across, own] = [0, 0, 0, 0];
  for (let j = 0; j < size; j++) {
    const x = row[j] as number;
    const q = asked[j] as number;
    at += x * (mean[j] as number);
    for (let k = 0; k < size; k++) {
      const between = covariance[j * size + k] as number;
      variance += x * (row[k] as number) * between;
      across += q * (row[k] as number) * between;
      own += q * (asked[k] as number) * between;
    }
  }
  return { mean: at, variance, shared: own > 0 ? across / Math.sqrt(own) : 0 };
}
