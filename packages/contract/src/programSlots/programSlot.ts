import { z } from 'zod';
import { boundedNumber, clientId, moment } from '../wire/bounded.js';

/** A knob as somebody read it off a machine, in its shop unit. */
const read = (quantity: string, max: number, unit: string) =>
  boundedNumber({ quantity, min: 0, max, unit }).optional();

const shownError = { error: 'what the machine shows: one knob or more' };

/** What a machine shows of a program; a knob nobody looked at is left out. */
const slotShownSchema = z
  .strictObject(
    {
      powerW: read('power', 6000, 'W'),
      dutyPercent: read('duty', 100, '%'),
      wobbleWidthMm: read('wobble width', 10, 'mm'),
      wobbleRateHz: read('wobble rate', 500, 'Hz'),
      wireSpeedMmS: read('wire speed', 300, 'mm/s'),
    },
    shownError,
  )
  .refine((shown) => Object.values(shown).some((value) => value !== undefined), shownError);
export type SlotShown = z.infer<typeof slotShownSchema>;

const slotError = { error: 'a whole number from 1' };

/** A slot's number in an address. */
export const slotNumber = z.coerce.number(slotError).int(slotError).min(1, slotError);

/** Something that was done with a slot of a machine. */
export const slotEntrySchema = z.discriminatedUnion(
  'did',
  [
    z.strictObject({ did: z.literal('stored'), cardId: clientId, version: z.int().positive() }),
    z.strictObject({ did: z.literal('emptied') }),
    z.strictObject({ did: z.literal('compared'), shown: slotShownSchema }),
  ],
  { error: 'an entry that did stored (cardId, version), emptied, or compared (shown)' },
);
export type SlotEntry = z.infer<typeof slotEntrySchema>;

/** A slot that holds a program according to the shop's own records. */
export const programSlotSchema = z.strictObject({
  slot: z.int().positive(),
  cardId: clientId,
  version: z.int().positive(),
  storedAt: moment,
  storedBy: z.string(),
  /** The last time somebody held it against the machine since; null where nobody has. */
  compared: z.strictObject({ at: moment, by: z.string(), shown: slotShownSchema }).nullable(),
});
export type ProgramSlot = z.infer<typeof programSlotSchema>;
