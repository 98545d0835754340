import { z } from 'zod';
import { clientId, moment, oneOf, shortText } from './bounded.js';

/** Why a protective window came out. */
export const windowReasons = [
  'darkSpecks',
  'paleSpecks',
  'haze',
  'cracked',
  'weakWelds',
  'planned',
  'other',
] as const;
export type WindowReason = (typeof windowReasons)[number];

/** A change of window as the client records it: the old one comes out for a reason, a new one goes in. */
export const windowChangeSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    reason: oneOf(windowReasons),
    note: shortText(1000),
  },
  { error: 'a window change' },
);
export type WindowChange = z.infer<typeof windowChangeSchema>;

/** One piece of glass, from fitting to removal. */
export const protectiveWindowSchema = z.strictObject({
  id: clientId,
  machineId: z.string(),
  /** Counted up per machine. */
  number: z.int().positive(),
  fittedAt: moment,
  fittedBy: z.string(),
  /** Null while it is fitted, as are the two below. */
  removedAt: moment.nullable(),
  removedReason: oneOf(windowReasons).nullable(),
  removedNote: z.string().nullable(),
  /** Coupons welded through it so far. */
  couponCount: z.int().nonnegative(),
  /** Light through it so far on timed coupons, seconds. */
  lightOnS: z.number().nonnegative(),
});
export type ProtectiveWindow = z.infer<typeof protectiveWindowSchema>;
