/** How sure a shop wants to be of having landed once. */
const wantedCertainty = 0.9;

/**
 * Coupons to plan for until one has landed with nine chances in ten, if each lands with the same chance. A welder who
 * changes the setting after each coupon needs fewer; a figure for cutting scrap, not a promise.
 *
 * @param chance of one coupon, 0 to 1
 * @returns whole number, 1 or more; null where none is likely to land (chance under 5 %)
 * @example
 * couponsToLand(0.67) // => 3
 */
export function couponsToLand(chance: number): number | null {
  if (chance < 0.05) return null;
  if (chance >= wantedCertainty) return 1;
  return Math.ceil(Math.log1p(-wantedCertainty) / Math.log1p(-chance));
}
