import { reachLimits, meltKernel } from '../melt/index.js';
import { normalCdf } from '../numeric/index.js';
import { quadratic } from './couponInfluence.js';
import { couponNoise } from './couponNoise.js';
import { correctionAlong } from './depthCorrection.js';
import { lineRow } from './depthLine.js';
import type { EvidenceWeld } from './EvidenceWeld.js';
import type { ShopEvidence } from './shopEvidence.js';

/** Points of the quadrature over the question, evenly spaced to five standard deviations either side. */
const points = 81;
const reach = 5;

/**
 * How much a look at the back of one more coupon is expected to teach about a question, in nats: the mutual
 * information of the answer and the five looks, an exact sum over the looks with the answer integrated over its
 * Gaussian. 0 where the coupon shares nothing with the question, or can only turn out one way.
 *
 * @param question the weld one wants to know about
 * @param coupon the weld that would be made, with its time and length taken
 * @example
 * informationGain(shopEvidence(sampleWeld, []), sampleWeld, sampleWeld).toFixed(2) // => '0.40'
 */
export function informationGain(
  evidence: ShopEvidence,
  question: EvidenceWeld,
  coupon: EvidenceWeld,
): number {
  const asked = lineRow(evidence.line.terms, question);
  const made = lineRow(evidence.line.terms, coupon);
  const answer = correctionAlong(evidence, asked);
  const seen = correctionAlong(evidence, made);
  if (answer.sd === 0) return 0;
  const noise = couponNoise(coupon, { by: 'look', isTravelMeasured: true });
  const shared = quadratic(evidence, asked, made) / answer.sd;
  const rest = Math.sqrt(Math.max(seen.sd ** 2 - shared ** 2, 0) + noise ** 2);
  const edges = lookEdges(coupon);
  const whole = lookChances(edges, seen.lnRatio, Math.hypot(seen.sd, noise));
  let gain = 0;
  let weights = 0;
  for (let i = 0; i < points; i++) {
    const z = -reach + (2 * reach * i) / (points - 1);
    const weight = Math.exp(-(z * z) / 2);
    const given = lookChances(edges, seen.lnRatio + shared * z, rest);
    weights += weight;
    given.forEach((chance, k) => {
      if (chance > 0) gain += weight * chance * Math.log(chance / (whole[k] as number));
    });
  }
  return Math.max(0, gain / weights);
}

/** Where one look passes into the next, as ln(real/model depth): of the back, or of the toes and the far side. */
function lookEdges({ melt, gap, far }: EvidenceWeld): readonly number[] {
  const { reach: modelReach, width } = meltKernel(melt);
  const { coldBelow, fullFrom, hotFrom, holeFrom } = reachLimits(melt.thickness, width, gap);
  const edges =
    far === undefined ? [coldBelow, fullFrom, hotFrom, holeFrom] : toesEdges(coldBelow, holeFrom, far.reach);
  return edges.map((edge) => Math.log(edge / modelReach));
}

function toesEdges(coldBelow: number, holeFrom: number, farReach: number | null): readonly number[] {
  return farReach === null
    ? [coldBelow, holeFrom]
    : [coldBelow, farReach, Math.max(holeFrom, farReach * 1.001)];
}

/** Chances of the looks for a normal ln depth. */
function lookChances(edges: readonly number[], mean: number, sd: number): readonly number[] {
  const below = edges.map((edge) => normalCdf((edge - mean) / sd));
  return [...below, 1].map((chance, k) => chance - (k === 0 ? 0 : (below[k - 1] as number)));
}
