import { meltKernel } from '../melt/index.js';
import { depthSpread } from '../odds/index.js';
import type { EvidenceWeld } from './EvidenceWeld.js';

/** Standard deviation of ln(real/model depth) that the metal table gives a weld before any coupon. */
export function tableSpread({ melt }: EvidenceWeld): number {
  return depthSpread(melt.metal, melt.thickness, meltKernel(melt).keyholeShare);
}
