import { shieldingGases } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** A bottle is changed with this left in it, bar: a planning figure. */
export const bottleChangedAtBar = 10;

export const bottleRanges = {
  litres: { quantity: 'bottle', min: 0.5, max: 400, unit: 'L' },
  pressure: { quantity: 'bottle pressure', min: 0, max: 350, unit: 'bar' },
  price: { quantity: 'price', min: 0, max: 10_000, unit: '' },
} as const;

/** A gas bottle as its label, its papers and its gauge say it. */
export const bottleDraftSchema = z.strictObject(
  {
    gas: oneOf(shieldingGases),
    /** Volume of water it would hold. */
    litres: boundedNumber(bottleRanges.litres),
    pressureBar: boundedNumber(bottleRanges.pressure),
    /** As the label says it, such as 4.6 or 99.996 %. */
    purity: shortText(30),
    batch: shortText(40),
    supplier: shortText(60),
    /** In the shop's own money; null where it is not known. */
    price: boundedNumber(bottleRanges.price).nullable(),
    /** Fitted on this machine; null while it stands in the store. */
    machineId: z.string({ error: 'the id of a machine, or null' }).max(60).nullable(),
  },
  { error: 'a bottle' },
);
export type BottleDraft = z.infer<typeof bottleDraftSchema>;

/** A bottle as it is kept. */
export const bottleSchema = z.strictObject({
  ...bottleDraftSchema.shape,
  id: clientId,
  /** When its pressure was last read, at a start-up or by hand. */
  readAt: moment,
  /** Sent back empty; null while it is in the shop. */
  goneAt: moment.nullable(),
  workshopId: ownedBy,
});
export type Bottle = z.infer<typeof bottleSchema>;
