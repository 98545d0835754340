import { requireWithin } from '../fault/index.js';

/** A machine beside the process it would take over from, in the shop's own money. */
export interface PaybackInput {
  readonly price: number;
  /** What it costs a year to keep, whether it works or not. */
  readonly perYear: number;
  readonly oldMinutesPerPart: number;
  readonly newMinutesPerPart: number;
  readonly partsPerMonth: number;
  /** Of a person with everything that hangs on them. */
  readonly ratePerHour: number;
  readonly oldConsumablesPerPart: number;
  readonly newConsumablesPerPart: number;
  /** What money costs a year, as a share: 0.06 for 6 %. */
  readonly discountPerYear: number;
}

/** When a machine has paid for itself. */
export interface Payback {
  readonly savedPerMonth: number;
  /** Null where it never does. */
  readonly months: number | null;
}

/**
 * Months until the savings of equal months, discounted at the yearly rate compounded monthly, add up to the price:
 * n = -ln(1 - price i/saved)/ln(1 + i) with 1 + i the twelfth root of a year's.
 *
 * @throws RangeFault for a price, a rate or minutes below 0
 * @example
 * payback({ price: 9346.6, perYear: 2385, oldMinutesPerPart: 57.88, newMinutesPerPart: 13.8, partsPerMonth: 322, ratePerHour: 49.93, oldConsumablesPerPart: 2.138, newConsumablesPerPart: 2.505, discountPerYear: 0.112 }).months?.toFixed(3) // => '0.820'
 */
export function payback(input: PaybackInput): Payback {
  for (const [quantity, value] of Object.entries(input) as [string, number][])
    requireWithin(value, { quantity, min: 0, max: 1e9, unit: '' });
  const { oldMinutesPerPart, newMinutesPerPart, oldConsumablesPerPart, newConsumablesPerPart } = input;
  const savedPerPart =
    ((oldMinutesPerPart - newMinutesPerPart) / 60) * input.ratePerHour +
    oldConsumablesPerPart -
    newConsumablesPerPart;
  const savedPerMonth = savedPerPart * input.partsPerMonth - input.perYear / 12;
  return { savedPerMonth, months: monthsToSave(input.price, savedPerMonth, input.discountPerYear) };
}

function monthsToSave(price: number, saved: number, discountPerYear: number): number | null {
  if (price === 0) return 0;
  if (saved <= 0) return null;
  const monthly = (1 + discountPerYear) ** (1 / 12) - 1;
  if (monthly === 0) return price / saved;
  const left = 1 - (price * monthly) / saved;
  return left <= 0 ? null : -Math.log(left) / Math.log1p(monthly);
}
