import { z } from 'zod';
import { clientId, moment, oneOf, shortText } from '../wire/bounded.js';
import { machineModes } from '../machines/machine.js';

const day = z.iso.date({ error: 'a day such as 2027-03-31' });

/** A lead clears somebody for a machine and a mode. */
export const clearanceDraftSchema = z.strictObject(
  {
    personId: z.string({ error: 'the id of a person of this shop' }).max(60),
    machineId: z.string({ error: 'the id of a machine of this shop' }).max(60),
    mode: oneOf(machineModes),
    /** The last day it holds; null where it does not end. */
    until: day.nullable(),
    /** What was taught and seen. */
    note: shortText(300),
  },
  { error: 'a clearance with personId, machineId, mode, until and note' },
);
export type ClearanceDraft = z.infer<typeof clearanceDraftSchema>;

/** A clearance as it is kept. */
export const clearanceSchema = z.strictObject({
  ...clearanceDraftSchema.shape,
  id: clientId,
  clearedAt: moment,
  clearedBy: z.string(),
  withdrawnAt: moment.nullable(),
});
export type Clearance = z.infer<typeof clearanceSchema>;
