/** A factor on the noise of every coupon, with what is believed of it before any. */
export interface ScatterFactor {
  readonly factor: number;
  readonly share: number;
}

/** ln of the factor is half a normal: most shops scatter as is usual, two in three within two fifths more. */
const lnSd = 0.35;
/** Evenly spaced in ln, from the usual scatter to nearly four times it. */
const lnFactors = [0, 0.45, 0.9, 1.35];

const weights = lnFactors.map((ln) => Math.exp(-(ln * ln) / (2 * lnSd * lnSd)));
const whole = weights.reduce((sum, each) => sum + each, 0);

/**
 * How much a shop's coupons may scatter beside what is usual. A shop whose coupons contradict each other scatters more
 * than was thought, and everything that is said of it widens. Coupons that agree never make it scatter less than is
 * usual: looks are too coarse to bear that out, and what one weld differs from the next by is the hand's.
 */
export const scatterFactors: readonly ScatterFactor[] = lnFactors.map((ln, i) => ({
  factor: Math.exp(ln),
  share: (weights[i] as number) / whole,
}));
