import { z } from 'zod';
import { moment } from '../wire/bounded.js';

/** How well the shop is kept: whether a disk that breaks tonight would cost more than today. */
export const keepingSchema = z.strictObject({
  version: z.string(),
  backup: z.strictObject({
    /** Of the newest backup; null where there is none. */
    newestAt: moment.nullable(),
    /** Why the last one was not made; null where it was. */
    failure: z.string().nullable(),
    /** Why the newest is not in its second place; null where it is, or none was given. */
    secondFailure: z.string().nullable(),
  }),
  photos: z.strictObject({
    /** When all were last looked at; null until that is done for the first time. */
    lookedAt: moment.nullable(),
    /** How many are gone or damaged. */
    lost: z.int().nonnegative(),
  }),
  /** Whether nothing can be saved: the shop lies on a disk that takes nothing, and a copy of it is shown. */
  isReadOnly: z.boolean(),
  disk: z.strictObject({ freeBytes: z.number().nonnegative(), isLow: z.boolean() }),
  /** The last entry of the history where the shop's clock says that it is still to come: it was set back. */
  entryToCome: moment.nullable(),
  /** Saves that were acknowledged and are in the database no more, found at a start of the last weeks; null where none are. */
  lostSaves: z.strictObject({ missing: z.int().positive(), lastAt: moment }).nullable(),
  /** Writes that wait for their turn. */
  waitingWrites: z.int().nonnegative(),
});
export type Keeping = z.infer<typeof keepingSchema>;
