import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** What guards eyes. */
export const eyewearKinds = ['helmet', 'glasses'] as const;

/** How a pair or a helmet was found. */
export const eyewearConditions = ['sound', 'scratched', 'damaged'] as const;

/** A helmet or a pair of glasses as its marking says it. */
export const eyewearDraftSchema = z.strictObject(
  {
    name: shortText(40).min(1, { error: 'a name or a number to find it by' }),
    kind: oneOf(eyewearKinds),
    /** The whole marking, letter by letter. */
    marking: shortText(80),
    /** Optical density at 1070 nm as marked; null where no marking covers that wavelength. */
    opticalDensity: boundedNumber({ quantity: 'optical density', min: 0, max: 12, unit: '' }).nullable(),
    /** For the weld's own glare, such as 5; empty where it has none. */
    shade: shortText(10),
    condition: oneOf(eyewearConditions),
    /** Taken out of use: it stays on record. */
    isRetired: z.boolean({ error: 'true or false' }),
  },
  { error: 'eyewear' },
);
export type EyewearDraft = z.infer<typeof eyewearDraftSchema>;

/** Eyewear as it is kept. */
export const eyewearSchema = z.strictObject({
  ...eyewearDraftSchema.shape,
  id: clientId,
  checkedAt: moment,
  checkedBy: z.string(),
  workshopId: ownedBy,
});
export type Eyewear = z.infer<typeof eyewearSchema>;
