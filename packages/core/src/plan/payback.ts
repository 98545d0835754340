import { requireWithin, type AllowedRange } from '../fault/index.js';

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

const money = { min: 0, max: 1e9, unit: 'in the shop’s money' } as const;
const minutes = { min: 0, max: 1e6, unit: 'min' } as const;
const ranges: Readonly<Record<keyof PaybackInput, AllowedRange>> = {
  price: { quantity: 'price', ...money },
  perYear: { quantity: 'keeping it a year', ...money },
  oldMinutesPerPart: { quantity: 'a part as it is made now', ...minutes },
  newMinutesPerPart: { quantity: 'a part on the machine', ...minutes },
  partsPerMonth: { quantity: 'parts a month', min: 0, max: 1e6, unit: '' },
  ratePerHour: { quantity: 'an hour of work', ...money },
  oldConsumablesPerPart: { quantity: 'consumables of a part as it is made now', ...money },
  newConsumablesPerPart: { quantity: 'consumables of a part on the machine', ...money },
  // As a share: 6 typed for 6 % would be believed.
  discountPerYear: { quantity: 'what money costs a year', min: 0, max: 1, unit: 'as a share' },
};

/**
 * Months until the savings of equal months, discounted at the yearly rate compounded monthly, add up to the price:
 * n = -ln(1 - price i/saved)/ln(1 + i) with 1 + i the twelfth root of a year's.
 *
 * @throws RangeFault for what is below 0, and for a discount above 1 a year
 * @example
 * payback({ price: 9346.6, perYear: 2385, oldMinutesPerPart: 57.88, newMinutesPerPart: 13.8, partsPerMonth: 322, ratePerHour: 49.93, oldConsumablesPerPart: 2.138, newConsumablesPerPart: 2.505, discountPerYear: 0.112 }).months?.toFixed(3) // => '0.820'
 */
export function payback(input: PaybackInput): Payback {
  for (const key of Object.keys(ranges) as (keyof PaybackInput)[]) requireWithin(input[key], ranges[key]);
  const { oldMinutesPerPart, newMinutesPerPart, oldConsumablesPerPart, newConsumablesPerPart } = input;
  const savedPerPart =
    ((oldMinutesPerPart - newMinutesPerPart) / 60) * input.ratePerHour +
    oldConsumablesPerPart -
    newConsumablesPerPart;
  const savedPerMonth = savedPerPart * input.partsPerMonth - input.perYear / 12;
  return { savedPerMonth, months: monthsToSave(input.price, savedPerMonth, input.discountPerYear) };
}

/**
 * What a machine has brought in after so many months, its price taken off: savings of equal months, each discounted to the day it was
 * bought, less the price. Nought where {@link payback} says it has paid.
 *
 * @param months 0 or more
 * @returns the shop's own money, below 0 until it has paid
 * @throws RangeFault as {@link payback}, and for months below 0
 */
export function broughtInAfter(input: PaybackInput, months: number): number {
  requireWithin(months, { quantity: 'months', min: 0, max: 1e4, unit: '' });
  const { savedPerMonth } = payback(input);
  const monthly = monthlyRate(input.discountPerYear);
  const worth = monthly === 0 ? months : -Math.expm1(-months * Math.log1p(monthly)) / monthly;
  return savedPerMonth * worth - input.price;
}

/** What money costs a month, compounded to a year's. */
function monthlyRate(perYear: number): number {
  return (1 + perYear) ** (1 / 12) - 1;
}

function monthsToSave(price: number, saved: number, discountPerYear: number): number | null {
  if (price === 0) return 0;
  if (saved <= 0) return null;
  const monthly = monthlyRate(discountPerYear);
  if (monthly === 0) return price / saved;
  const left = 1 - (price * monthly) / saved;
  return left <= 0 ? null : -Math.log(left) / Math.log1p(monthly);
}
