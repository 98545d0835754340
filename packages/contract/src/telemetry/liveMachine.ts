import { linkKeys } from '@lone-heron/core';
import { z } from 'zod';
import { moment, oneOf } from '../wire/bounded.js';
import { lightSpellSchema } from './lightSpell.js';

/** What a machine last said of one thing, and when. */
const liveValueSchema = z.strictObject({ key: oneOf(linkKeys), value: z.number(), at: moment });

/** A machine as it was last heard. */
export const liveMachineSchema = z.strictObject({
  machineId: z.string(),
  /** Null where it has not been heard since the server started. */
  heardAt: moment.nullable(),
  values: z.array(liveValueSchema),
  /** The light is on by what was last said. It is no safety signal. */
  lit: z.strictObject({ since: moment, litS: z.number() }).nullable(),
  alarm: z
    .strictObject({ code: z.int(), said: z.string(), means: z.array(z.string()), since: moment })
    .nullable(),
  /** The last spell that ended. */
  last: lightSpellSchema.nullable(),
  /** Where this server's own broker listens; null where the machine is at another, or it is not open. */
  brokerPort: z.int().positive().nullable(),
  /** Why nothing can be heard now; empty while it can. */
  away: z.string(),
  /** What was put up with since the server started, for whoever looks after the connection. */
  faults: z.strictObject({
    jumps: z.int().nonnegative(),
    late: z.int().nonnegative(),
    unread: z.int().nonnegative(),
    /** The last message that could not be read, and why; empty for none. */
    lastUnread: z.string(),
  }),
});
export type LiveMachine = z.infer<typeof liveMachineSchema>;
