import type { EvidenceWeld } from './EvidenceWeld.js';
import { lineRow, unknownVariance } from './depthLine.js';
import type { ShopEvidence } from './shopEvidence.js';

/** How a weld's real depth is expected to differ from the model's. */
export interface DepthCorrection {
  /** Expected ln(real depth/model depth). */
  readonly lnRatio: number;
  /** Its standard deviation. */
  readonly sd: number;
}

/**
 * What the evidence says of a setting's depth, the scatter of one weld from the next left out. A machine, family or gas that the evidence was not made for is as unknown
 * as before any coupon, and widens the answer accordingly.
 *
 * @example
 * depthCorrection(shopEvidence(sampleWeld, []), sampleWeld).sd.toFixed(2) // => '0.20'
 */
export function depthCorrection(evidence: ShopEvidence, weld: EvidenceWeld): DepthCorrection {
  const { terms } = evidence.line;
  const { lnRatio, sd } = correctionAlong(evidence, lineRow(terms, weld));
  return { lnRatio, sd: Math.sqrt(sd * sd + unknownVariance(terms, weld)) };
}

/** Mean and standard deviation of the line along any row. */
export function correctionAlong({ mode, covariance }: ShopEvidence, row: Float64Array): DepthCorrection {
  let mean = 0;
  let variance = 0;
  for (let j = 0; j < row.length; j++) {
    const x = row[j] as number;
    if (x === 0) continue;
    mean += x * (mode[j] as number);
    for (let k = 0; k < row.length; k++) variance += x * (row[k] as number) * covariance.get(j, k);
  }
  return { lnRatio: mean, sd: Math.sqrt(variance) };
}
