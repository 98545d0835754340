import { tints, type Tint } from '../metal/index.js';
import type { FaceEdges } from './faces.js';
import type { TintEdges, TintLeft } from './tintLeft.js';

/** Widths of colour read off a coupon's face, m, beside those that its own heat leaves by the model. */
export interface TintReading {
  readonly read: Readonly<Partial<Record<Tint, { readonly width: number; readonly give: number }>>>;
  readonly computed: TintEdges;
}

/** How much wider or narrower than the model colour comes out in this shop. */
export interface TintBelief {
  /** Over the model's width: the middle, and where four in five lie. */
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  /** Coupons that it goes by. */
  readonly coupons: number;
}

/**
 * Natural logarithms. Tables of tints lie 40 K apart and the growth of oxide is assumed: a fifth either way before anybody has
 * looked. One coupon's photo, light and gas: an eighth.
 */
const priorSd = 0.2;
const couponSd = 0.125;
/** Four in five lie within so many deviations. */
const fourInFive = 1.2816;

/**
 * What photographed colours say of the model's: a Gaussian line of one unknown, ln(read/computed), a coupon's tints counted
 * as one reading, for they share its heat and its light.
 *
 * @returns the model as it is, with the tables' doubt, where no reading speaks of a colour that the model leaves too
 */
export function learnTint(readings: readonly TintReading[]): TintBelief {
  const said = readings.flatMap((reading) => saidBy(reading) ?? []);
  const precision = said.reduce((sum, { sd }) => sum + 1 / (sd * sd), 1 / (priorSd * priorSd));
  const mean = said.reduce((sum, { mean: each, sd }) => sum + each / (sd * sd), 0) / precision;
  const either = fourInFive / Math.sqrt(precision);
  return {
    factor: Math.exp(mean),
    low: Math.exp(mean - either),
    high: Math.exp(mean + either),
    coupons: said.length,
  };
}

/** One coupon's ln(read/computed), its tints weighed alike; null where none can be compared. */
function saidBy({ read, computed }: TintReading): { mean: number; sd: number } | null {
  const compared = tints.flatMap((tint) => {
    const [seen, left] = [read[tint], computed[tint]];
    if (seen === undefined || left === null || seen.width <= 0) return [];
    const width = left.right - left.left;
    return width > 0 ? [{ mean: Math.log(seen.width / width), give: seen.give / seen.width }] : [];
  });
  if (compared.length === 0) return null;
  const mean = compared.reduce((sum, each) => sum + each.mean, 0) / compared.length;
  const give = Math.max(...compared.map((each) => each.give));
  return { mean, sd: Math.hypot(couponSd, give) };
}

/** Colour as this shop has seen it come out; as the model and its tables have it where it has seen none. */
export function tintAsSeen(tint: TintLeft, { factor, low, high, coupons }: TintBelief): TintLeft {
  if (coupons === 0) return tint;
  const both = (by: number) => ({ front: widened(tint.front, by), back: widened(tint.back, by) });
  const reach = (face: 'front' | 'back') =>
    Object.fromEntries(tints.map((each) => [each, factor * tint.reach[face][each]])) as Record<Tint, number>;
  return {
    ...both(factor),
    reach: { front: reach('front'), back: reach('back') },
    likely: { wide: both(high), narrow: both(low) },
  };
}

function widened(edges: TintEdges, by: number): TintEdges {
  const one = (each: FaceEdges | null) =>
    each === null ? null : { left: by * each.left, right: by * each.right };
  return { straw: one(edges.straw), gold: one(edges.gold), blue: one(edges.blue) };
}
