/** How alike the workshops of a firm may be, with what is believed of it before any coupon. */
interface Likeness {
  /** Share of what a workshop has of its own that another one has in common with it: 0 for nothing, 1 for all. */
  readonly likeness: number;
  readonly share: number;
}

/**
 * Workshops of a firm buy, teach and measure alike, or they do not: what their coupons say decides, and beforehand little is
 * believed. Over simulated firms this takes a third of the error away where they are alike and nothing was welded here yet, and costs a
 * twentieth where they have nothing to do with each other (docs/science.md).
 */
export const likenesses: readonly Likeness[] = [
  { likeness: 0.01, share: 0.8 },
  { likeness: 0.2, share: 0.12 },
  { likeness: 0.7, share: 0.08 },
];
