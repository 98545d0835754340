import type { Matrix } from 'ml-matrix';
import { meltKernel } from '../melt/index.js';
import { couponInterval } from './couponInterval.js';
import { couponNoise } from './couponNoise.js';
import { depthLine, lineRow, type DepthLine } from './depthLine.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { fitIntervals } from './fitIntervals.js';

/** Why a coupon says nothing about a setting. */
export type LeftOutWhy = 'slip' | 'hardlyMelted';

/** What the shop's coupons say of the depth line, as seen from one question. */
export interface ShopEvidence {
  readonly line: DepthLine;
  /** Most likely weights, and their covariance. */
  readonly mode: Float64Array;
  readonly covariance: Matrix;
  /** Coupons that counted, by id, with their share in the fit. */
  readonly used: readonly UsedCoupon[];
  readonly leftOut: readonly { readonly id: string; readonly why: LeftOutWhy }[];
}

/** A coupon that counted. */
export interface UsedCoupon {
  readonly id: string;
  readonly row: Float64Array;
  /** Slope and curvature of its log likelihood along its line, at the mode. */
  readonly slope: number;
  readonly curvature: number;
}

/** Coupons that melted less than this share of the sheet say little of the model. */
const leastReach = 0.05;

/**
 * Learns from coupons what the model leaves out: ln(real depth/model depth) = x'beta + noise, with Gaussian weights
 * and each coupon a value or an interval. A coupon on another machine or metal family counts for less because it
 * shares fewer weights with the question. Slips of the hand and coupons that hardly melted are left out, by name.
 *
 * @param question the weld that is asked about: its spread before any coupon is the metal table's
 * @param coupons in any order; the answer does not depend on it
 * @example
 * shopEvidence(sampleWeld, [{ ...sampleCoupon('hole'), isSlip: true }]).leftOut // => [{ id: 'a', why: 'slip' }]
 */
export function shopEvidence(question: EvidenceWeld, coupons: readonly EvidenceCoupon[]): ShopEvidence {
  const inOrder = [...coupons].sort((a, b) => (a.id < b.id ? -1 : 1));
  const all = inOrder.map((coupon) => ({ coupon, ...modelFigures(coupon) }));
  const used = all.filter(({ why }) => why === null);
  const line = depthLine(
    question,
    used.map(({ coupon }) => coupon),
  );
  const rows = used.map(({ coupon }) => lineRow(line.terms, coupon.weld));
  const intervals = used.map(({ coupon, figures }) => couponInterval(coupon.finding, figures));
  const fit = fitIntervals({
    rows,
    low: intervals.map(({ low }) => low),
    high: intervals.map(({ high }) => high),
    noise: used.map(({ coupon: { weld, finding, isTravelMeasured } }) =>
      couponNoise(weld, { by: finding.by === 'look' ? 'look' : 'section', isTravelMeasured }),
    ),
    priorMean: line.terms.map(() => 0),
    priorSd: line.priorSd,
  });
  return {
    line,
    mode: fit.mode,
    covariance: fit.covariance,
    used: used.map(({ coupon }, i) => ({
      id: coupon.id,
      row: rows[i] as Float64Array,
      slope: fit.slopes[i] as number,
      curvature: fit.curvatures[i] as number,
    })),
    leftOut: all.flatMap(({ coupon, why }) => (why === null ? [] : [{ id: coupon.id, why }])),
  };
}

function modelFigures({ weld, isSlip }: EvidenceCoupon) {
  const { depth, width, reach } = meltKernel(weld.melt);
  const why: LeftOutWhy | null = isSlip ? 'slip' : reach < leastReach ? 'hardlyMelted' : null;
  return { figures: { thickness: weld.melt.thickness, depth, width, gap: weld.gap }, why };
}
