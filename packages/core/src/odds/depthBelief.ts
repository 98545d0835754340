/** One way the depth may stand to the model's: ln(real depth/model depth) is normal around lnRatio. */
interface BeliefPart {
  /** Weight of this part; those of a belief add up to 1. */
  readonly share: number;
  readonly lnRatio: number;
  /** Doubt about the setting: it is shared by every weld of it. */
  readonly sd: number;
  /** What one weld differs from the next by. */
  readonly scatter: number;
}

/** What is believed of the next weld's ln(real depth/model depth): normal parts, mixed. */
export type DepthBelief = readonly BeliefPart[];

/** Two welds of one setting differ by this much, whatever is known of the setting: what a cut section scatters by. */
export const weldScatter = 0.1;

/**
 * The belief of a table's spread around the model: the whole of it, of which what one weld differs from the next by is
 * a part.
 *
 * @param spread standard deviation of ln(real/model depth) of one weld, above 0
 * @example
 * beliefOfSpread(0.1)[0].sd // => 0
 */
export function beliefOfSpread(spread: number): DepthBelief {
  const scatter = Math.min(weldScatter, spread);
  return [{ share: 1, lnRatio: 0, sd: Math.sqrt(spread * spread - scatter * scatter), scatter }];
}

/**
 * Mean of ln(real depth/model depth) of the next weld, and its standard deviation.
 *
 * @example
 * beliefMoments(beliefOfSpread(0.22)).sd.toFixed(6) // => '0.220000'
 */
export function beliefMoments(belief: DepthBelief): { readonly lnRatio: number; readonly sd: number } {
  let mean = 0;
  for (const { share, lnRatio } of belief) mean += share * lnRatio;
  let variance = 0;
  for (const { share, lnRatio, sd, scatter } of belief) {
    variance += share * (sd * sd + scatter * scatter + (lnRatio - mean) * (lnRatio - mean));
  }
  return { lnRatio: mean, sd: Math.sqrt(variance) };
}
