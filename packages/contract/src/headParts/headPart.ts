import { z } from 'zod';
import { clientId, moment, oneOf, shortText } from '../wire/bounded.js';

/** Parts with a life of their own besides the protective window, from the light's end of the head to the supplies. */
export const headPartKinds = [
  'seal',
  'focusLens',
  'collimator',
  'mirror',
  'fibreEnd',
  'nozzle',
  'wireGuide',
  'liner',
  'driveRoll',
  'airFilter',
  'waterFilter',
  'extractionFilter',
] as const;
export type HeadPartKind = (typeof headPartKinds)[number];

/** Why a part came out. */
export const partReasons = ['worn', 'burnt', 'dirty', 'broken', 'planned', 'otherJoint', 'other'] as const;
export type PartReason = (typeof partReasons)[number];

/** A part that goes in; the one of its kind and place that was there comes out for a reason. */
export const partChangeSchema = z.strictObject(
  {
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    kind: oneOf(headPartKinds),
    /** Where a machine has several, such as circuit 2 or the left roll; empty where it has one. */
    place: shortText(30),
    reason: oneOf(partReasons),
    note: shortText(500),
    supplier: shortText(60),
    lot: shortText(40),
  },
  { error: 'a change of a part' },
);
export type PartChange = z.infer<typeof partChangeSchema>;

/** A part from fitting to removal. */
export const headPartSchema = z.strictObject({
  id: clientId,
  machineId: z.string(),
  kind: oneOf(headPartKinds),
  place: z.string(),
  supplier: z.string(),
  lot: z.string(),
  fittedAt: moment,
  fittedBy: z.string(),
  /** Null while it is fitted, as are the two below. */
  removedAt: moment.nullable(),
  removedReason: oneOf(partReasons).nullable(),
  removedNote: z.string().nullable(),
  /** Light through the head while it was in, on coupons that were timed and in the light log, hours. */
  lightHours: z.number().nonnegative(),
});
export type HeadPart = z.infer<typeof headPartSchema>;
