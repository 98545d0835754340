import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { daysPerMonth } from '../wire/daysPerMonth.js';
import { headPartKinds } from '../headParts/headPart.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** What can lie in the drawer. */
export const stockKinds = ['window', ...headPartKinds] as const;
export type StockKind = (typeof stockKinds)[number];

export const stockRanges = {
  count: { quantity: 'in the drawer', min: 0, max: 999, unit: '' },
  price: { quantity: 'price', min: 0, max: 10_000, unit: '' },
  deliveryDays: { quantity: 'delivery', min: 0, max: 365, unit: 'days' },
  serviceLevel: { quantity: 'service level', min: 0.5, max: 0.999, unit: '' },
  usedPerMonth: { quantity: 'used', min: 0, max: 1000, unit: 'a month' },
} as const;

/** A sort of spare part, as a person writes it down. */
const stockDraftShape = z.strictObject(
  {
    kind: oneOf(stockKinds),
    /** As the order says it, such as window 30 x 5. */
    name: shortText(60).min(1, { error: 'a name of up to 60 characters' }),
    supplier: shortText(60),
    lot: shortText(40),
    count: boundedNumber(stockRanges.count).int({ error: 'a whole number from 0 to 999' }),
    price: boundedNumber(stockRanges.price).nullable(),
    deliveryDays: boundedNumber(stockRanges.deliveryDays),
    /** Chance wanted of not running out while waiting for a delivery. */
    serviceLevel: boundedNumber(stockRanges.serviceLevel),
    /** How many are used; null to take it from the changes that are recorded here. */
    usedPerMonth: boundedNumber(stockRanges.usedPerMonth).nullable(),
  },
  { error: 'a spare part' },
);
/** More would be used up while waiting than anybody keeps in a drawer. */
export const mostInDelivery = 5000;

export const stockDraftSchema = stockDraftShape.refine(
  ({ usedPerMonth, deliveryDays }) => ((usedPerMonth ?? 0) / daysPerMonth) * deliveryDays <= mostInDelivery,
  {
    path: ['usedPerMonth'],
    error: `a number with which no more than ${mostInDelivery} are used up during a delivery`,
  },
);
export type StockDraft = z.infer<typeof stockDraftSchema>;

/** A sort of spare part as it is kept. */
export const stockItemSchema = z.strictObject({
  ...stockDraftShape.shape,
  id: clientId,
  countedAt: moment,
  /**
   * How many changes a month took this sort over the last half year, on all machines; changes that took none from the
   * drawer are shared out evenly among the sorts of the part.
   */
  changesPerMonth: z.number().nonnegative(),
  /** Taken off the list; null while it is on it. */
  removedAt: moment.nullable(),
  workshopId: ownedBy,
});
export type StockItem = z.infer<typeof stockItemSchema>;
