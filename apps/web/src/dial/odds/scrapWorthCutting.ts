import { couponsToLand } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';

/** Nobody cuts more coupons than this for a weld that is not expected to land. */
const mostScrap = 8;

/**
 * Coupons that would tell whether this lands; null where scrap tells nothing: how deep a machine goes is doubtful and may
 * be tried, but no coupon makes a wire thinner or closes a gap.
 */
export function scrapWorthCutting({ forecast, suggestion: { obstacle } }: DialOutcome): number | null {
  const coupons = couponsToLand(forecast.evenChance);
  if (obstacle === null || coupons === null) return coupons;
  const isDoubtful = obstacle === 'tooShallow' || obstacle === 'tooMuch';
  return isDoubtful && coupons <= mostScrap ? coupons : null;
}
