import { Matrix } from 'ml-matrix';
import { meltKernel } from '../melt/index.js';
import { normalCdf } from '../numeric/index.js';
import { couponInterval } from './couponInterval.js';
import { couponNoise } from './couponNoise.js';
import { depthLine, likeLine, lineRow, type DepthLine } from './depthLine.js';
import { cavityOf, epIntervals, type EpData, type EpFit } from './epIntervals.js';
import type { EvidenceCoupon, EvidenceWeld } from './EvidenceWeld.js';
import { beliefShape, type ShapePart } from './beliefShape.js';
import { likenesses } from './likenesses.js';
import { scatterFactors } from './scatterFactors.js';

/** Why a coupon says nothing about a setting. */
type LeftOutWhy = 'slip' | 'hardlyMelted' | 'unseen';

/** The line if the shop's coupons scattered so much. */
export interface ScatterFit {
  /** Times the usual scatter. */
  readonly factor: number;
  /** Chance of this factor; those of an evidence add up to 1. */
  readonly share: number;
  readonly mean: Float64Array;
  /** Flat, row by row. */
  readonly covariance: Float64Array;
  /** How the answer to the question is spread, in its own standard deviations: normal parts. */
  readonly shape: readonly ShapePart[];
}

/** What the shop's coupons say of the depth line, as seen from one question. */
export interface ShopEvidence {
  readonly line: DepthLine;
  /** Row of the question that it was made for. */
  readonly asked: Float64Array;
  readonly fits: readonly ScatterFit[];
  /** Mean of the weights and their covariance, all scatters together. */
  readonly mode: Float64Array;
  readonly covariance: Matrix;
  /** Coupons that counted, by id, with their share in the fit. */
  readonly used: readonly UsedCoupon[];
  readonly leftOut: readonly { readonly id: string; readonly why: LeftOutWhy }[];
}

/** A coupon that counted. */
interface UsedCoupon {
  readonly id: string;
  readonly row: Float64Array;
  /** Slope and curvature of its stand-in's log likelihood along its line, at the mean, under each scatter. */
  readonly standIns: readonly { readonly slope: number; readonly curvature: number }[];
  /** Chance that the other coupons gave, beforehand, to a finding as far out as this one: 0 to 1. */
  readonly expected: number;
}

/** Coupons that melted less than this share of the sheet say little of the model. */
const leastReach = 0.05;

/** A scatter less likely than this is no longer told apart. */
const leastShare = 0.01;

/**
 * Learns from coupons what the model leaves out: ln(real depth/model depth) = x'beta + noise, with Gaussian weights
 * and each coupon a value or an interval. How much coupons scatter is learned with the rest, so that coupons which
 * contradict each other widen the answer. A coupon on another machine or metal family counts for less because it
 * shares fewer weights with the question. Slips of the hand, coupons that hardly melted and those that nobody could
 * see into are left out, by name.
 *
 * @param question the weld that is asked about: its spread before any coupon is the metal table's
 * @param coupons in any order; the answer does not depend on it
 * @example
 * shopEvidence(sampleWeld, [{ ...sampleCoupon('hole'), isSlip: true }]).leftOut // => [{ id: 'a', why: 'slip' }]
 */
export function shopEvidence(question: EvidenceWeld, coupons: readonly EvidenceCoupon[]): ShopEvidence {
  const inOrder = [...coupons].sort((a, b) => (a.id < b.id ? -1 : 1));
  const all = inOrder.map((coupon) => ({ coupon, ...readCoupon(coupon) }));
  const used = all.filter(({ why }) => why === null);
  const line = depthLine(
    question,
    used.map(({ coupon }) => coupon),
  );
  const asked = lineRow(line.terms, question);
  const data = dataOf(line, used);
  const near = used.map(({ coupon }) => isNear(coupon, question));
  const plain = epIntervals(data);
  const fits = fitScatters(data, plain, { asked, near, priors: priorsOf(line, data.prior) });
  const pooled = pool(fits, line.terms.length);
  return {
    line,
    asked,
    fits: fits.map(({ factor, share, fit, shape }) => ({
      factor,
      share,
      mean: fit.mean,
      covariance: fit.covariance,
      shape,
    })),
    ...pooled,
    used: used.map(({ coupon }, i) => ({
      id: coupon.id,
      row: data.rows[i] as Float64Array,
      standIns: fits.map(({ fit }) => standIn(fit, data.rows[i] as Float64Array, i)),
      expected: expectedOf(data, plain, i),
    })),
    leftOut: all.flatMap(({ coupon, why }) => (why === null ? [] : [{ id: coupon.id, why }])),
  };
}

interface ReadCoupon {
  readonly coupon: EvidenceCoupon;
  readonly low: number;
  readonly high: number;
  readonly why: LeftOutWhy | null;
}

function readCoupon({ weld, finding, isSlip }: EvidenceCoupon): Omit<ReadCoupon, 'coupon'> {
  const { depth, width, reach } = meltKernel(weld.melt);
  const { gap, far } = weld;
  const figures = {
    thickness: weld.melt.thickness,
    depth,
    width,
    gap,
    ...(far === undefined ? {} : { far }),
  };
  const { low, high } = couponInterval(finding, figures);
  const isUnseen = low === -Infinity && high === Infinity;
  const why = isSlip ? 'slip' : isUnseen ? 'unseen' : reach < leastReach ? 'hardlyMelted' : null;
  return { low, high, why };
}

function dataOf(line: DepthLine, used: readonly ReadCoupon[]): EpData {
  return {
    rows: used.map(({ coupon }) => lineRow(line.terms, coupon.weld)),
    low: Float64Array.from(used, ({ low }) => low),
    high: Float64Array.from(used, ({ high }) => high),
    noise: Float64Array.from(used, ({ coupon: { weld, finding, isTravelMeasured } }) =>
      couponNoise(weld, {
        by: finding.by === 'look' || finding.by === 'toes' ? 'look' : 'section',
        isTravelMeasured,
      }),
    ),
    prior: priorOf(line),
  };
}

/** Covariance of a line's weights before any coupon, flat. */
function priorOf({ priorSd }: DepthLine): Float64Array {
  const size = priorSd.length;
  const prior = new Float64Array(size * size);
  priorSd.forEach((sd, j) => (prior[j * size + j] = sd * sd));
  return prior;
}

/** How alike a firm's workshops may be, as what is believed of the weights beforehand; the line's own where there is one. */
function priorsOf(line: DepthLine, prior: Float64Array): readonly WeighedPrior[] {
  if (!line.terms.some(({ kind }) => kind === 'workshop')) return [{ share: 1, prior }];
  return likenesses.map(({ likeness, share }) => ({ share, prior: priorOf(likeLine(line, likeness)) }));
}

interface WeighedPrior {
  readonly share: number;
  readonly prior: Float64Array;
}

interface WeighedFit {
  readonly factor: number;
  readonly share: number;
  readonly fit: EpFit;
  readonly shape: readonly ShapePart[];
}

/** What the coupons may scatter by: a factor, for all of them or for those near the question alone. */
interface Scatter {
  readonly factor: number;
  readonly share: number;
  readonly noise: Float64Array;
}

/**
 * The fit under every scatter, weighed by how likely it makes the coupons; without one, the prior alone. Where coupons
 * near the question come out as the others would not have expected, it may also be these alone that scatter: a shop
 * of a hundred sound coupons must not drown six that contradict each other.
 */
function fitScatters(
  data: EpData,
  plain: EpFit,
  {
    asked,
    near,
    priors,
  }: {
    readonly asked: Float64Array;
    readonly near: readonly boolean[];
    readonly priors: readonly WeighedPrior[];
  },
): readonly WeighedFit[] {
  if (data.rows.length === 0) return [{ factor: 1, share: 1, fit: plain, shape: plainShape }];
  // Where all are near, those alone are all.
  const isSurprising =
    !near.every(Boolean) && near.some((isNear, i) => isNear && expectedOf(data, plain, i) < surprising);
  const scatters = [...scattersOfAll(data), ...(isSurprising ? scattersNearby(data, near) : [])];
  const fitted = scatters.flatMap(({ factor, share, noise }) =>
    priors.map(({ prior, share: believed }) => {
      const scattered = { ...data, noise, prior };
      const isPlain = noise === data.noise && prior === data.prior;
      const fit = isPlain ? plain : epIntervals(scattered, plain);
      return { factor, fit, scattered, weight: Math.log(share * believed) + fit.logEvidence };
    }),
  );
  const most = Math.max(...fitted.map(({ weight }) => weight));
  const shares = fitted.map(({ weight }) => Math.exp(weight - most));
  const whole = shares.reduce((sum, share) => sum + share, 0);
  const told = fitted.flatMap(({ factor, fit, scattered }, i) => {
    const share = (shares[i] as number) / whole;
    return share < leastShare ? [] : [{ factor, fit, scattered, share }];
  });
  const kept = told.reduce((sum, { share }) => sum + share, 0);
  return told.map(({ factor, fit, scattered, share }) => ({
    factor,
    fit,
    share: share / kept,
    shape: beliefShape(scattered, fit, asked),
  }));
}

/** A finding that the others gave less than this chance is looked into. */
const surprising = 0.25;

function scattersOfAll({ noise }: EpData): readonly Scatter[] {
  return scatterFactors.map(({ factor, share }) => ({
    factor,
    share,
    noise: factor === 1 ? noise : noise.map((sd) => sd * factor),
  }));
}

function scattersNearby({ noise }: EpData, near: readonly boolean[]): readonly Scatter[] {
  return scatterFactors
    .filter(({ factor }) => factor === nearbyFactor)
    .map(({ factor, share }) => ({
      factor,
      share,
      noise: noise.map((sd, i) => (near[i] === true ? sd * factor : sd)),
    }));
}

/** Those nearby scatter by this much, where they alone do: fine enough for what contradicts itself. */
const nearbyFactor = scatterFactors[2]?.factor;

/** Sheet this near in thickness, as a share, is of the question's own kind. */
const nearThickness = 0.15;

/** Whether a coupon is of the question's own machine, metal and sheet. */
function isNear({ weld }: EvidenceCoupon, question: EvidenceWeld): boolean {
  return (
    weld.machineId === question.machineId &&
    weld.melt.metal.family === question.melt.metal.family &&
    Math.abs(weld.melt.thickness / question.melt.thickness - 1) <= nearThickness
  );
}

const plainShape: readonly ShapePart[] = [{ share: 1, mean: 0, sd: 1 }];

function pool(fits: readonly WeighedFit[], size: number): Pick<ShopEvidence, 'mode' | 'covariance'> {
  const mode = new Float64Array(size);
  for (const { share, fit } of fits) {
    for (let j = 0; j < size; j++) mode[j] = (mode[j] as number) + share * (fit.mean[j] as number);
  }
  const covariance = Matrix.zeros(size, size);
  for (const { share, fit } of fits) {
    for (let j = 0; j < size; j++) {
      const aside = (fit.mean[j] as number) - (mode[j] as number);
      for (let k = 0; k < size; k++) {
        const product = aside * ((fit.mean[k] as number) - (mode[k] as number));
        const own = (fit.covariance[j * size + k] as number) + product;
        covariance.set(j, k, covariance.get(j, k) + share * own);
      }
    }
  }
  return { mode, covariance };
}

/** Mean and variance of a fit's line at a row. */
function lineAt(
  { mean, covariance }: EpFit,
  row: Float64Array,
): { readonly mean: number; readonly variance: number } {
  const size = row.length;
  let at = 0;
  let variance = 0;
  for (let j = 0; j < size; j++) {
    at += (row[j] as number) * (mean[j] as number);
    for (let k = 0; k < size; k++) {
      variance += (row[j] as number) * (row[k] as number) * (covariance[j * size + k] as number);
    }
  }
  return { mean: at, variance };
}

/** What one coupon does to the line. */
function standIn(fit: EpFit, row: Float64Array, i: number): UsedCoupon['standIns'][number] {
  const precision = fit.precision[i] as number;
  return { slope: (fit.weighted[i] as number) - precision * lineAt(fit, row).mean, curvature: precision };
}

/** How far out the other coupons would have called a finding, on either side. */
function expectedOf(data: EpData, fit: EpFit, i: number): number {
  const { mean, variance } = lineAt(fit, data.rows[i] as Float64Array);
  const others = cavityOf(mean, variance, fit.precision[i] as number, fit.weighted[i] as number);
  const sd = Math.hypot(Math.sqrt(others.variance), data.noise[i] as number);
  const belowHigh = normalCdf(((data.high[i] as number) - others.mean) / sd);
  const aboveLow = normalCdf((others.mean - (data.low[i] as number)) / sd);
  return Math.min(1, 2 * Math.min(belowHigh, aboveLow));
}
