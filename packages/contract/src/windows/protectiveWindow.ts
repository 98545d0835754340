import { z } from 'zod';
import { boundedNumber, clientId, moment, oneOf, shortText } from '../wire/bounded.js';

/** Why a protective window came out. */
export const windowReasons = [
  'darkSpecks',
  'paleSpecks',
  'haze',
  'cracked',
  'sound',
  'weakWelds',
  'planned',
  'other',
] as const;
export type WindowReason = (typeof windowReasons)[number];

/** How its seal was found. */
export const sealLooks = ['whole', 'damaged', 'notSeen'] as const;
export type SealLook = (typeof sealLooks)[number];

/** Where the head was opened. */
export const changePlaces = ['stillAir', 'booth', 'openDoor', 'outside'] as const;
export type ChangePlace = (typeof changePlaces)[number];

const inRadii = (quantity: string) => boundedNumber({ quantity, min: -1, max: 1, unit: 'radii' });
const spotSchema = z.strictObject(
  { right: inRadii('right of the middle'), up: inRadii('above the middle') },
  { error: 'a place with right and up, in radii of the glass' },
);
/** A place on a glass, seen as it lay in the head, in its radii from the middle. */
export type GlassSpot = z.infer<typeof spotSchema>;

const spotsError = { error: 'up to 12 places on the glass' };
const foundSchema = z.strictObject(
  {
    spots: z.array(spotSchema, spotsError).max(12, spotsError),
    seal: oneOf(sealLooks),
    place: oneOf(changePlaces),
  },
  { error: 'what was found, with spots, seal and place' },
);
/** What was seen beside the kind of marks when a window came out. */
export type WindowFound = z.infer<typeof foundSchema>;

const supplier = shortText(60);
const lot = shortText(40);

/** A change of window as the client records it: the old one comes out for a reason, a new one goes in. */
export const windowChangeSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    reason: oneOf(windowReasons),
    note: shortText(1000),
    /** Null where nobody looked further. */
    found: foundSchema.nullable(),
    /** Of the new one, as its box says. */
    supplier,
    lot,
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
  supplier,
  lot,
  /** Null while it is fitted, as are the three below. */
  removedAt: moment.nullable(),
  removedReason: oneOf(windowReasons).nullable(),
  removedNote: z.string().nullable(),
  removedFound: foundSchema.nullable(),
  /** Coupons welded through it so far. */
  couponCount: z.int().nonnegative(),
  /** Light through it so far on timed coupons and in the light log, seconds. */
  lightOnS: z.number().nonnegative(),
  /** All light through it, untimed coupons and what the hour counter says besides included, weighted by what wears glass: hours at 1 kW. */
  wornHours: z.number().nonnegative(),
});
export type ProtectiveWindow = z.infer<typeof protectiveWindowSchema>;

const wholeNumber = { error: 'a whole number from 0' };

/** Which windows that came out are asked for. */
export const windowHistoryQuerySchema = z.strictObject({
  machineId: z.string().max(60).optional(),
  offset: z.coerce.number(wholeNumber).int(wholeNumber).min(0, wholeNumber),
  limit: z.coerce.number(wholeNumber).int(wholeNumber).min(1, wholeNumber).max(200, wholeNumber),
});
export type WindowHistoryQuery = z.infer<typeof windowHistoryQuerySchema>;

/** Some of the windows that came out, newest first, and how many there are. */
export const windowHistorySchema = z.strictObject({
  total: z.int().nonnegative(),
  windows: z.array(protectiveWindowSchema),
});
export type WindowHistory = z.infer<typeof windowHistorySchema>;
