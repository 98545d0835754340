import { z } from 'zod';
import { boundedNumber, moment, shortText } from '../wire/bounded.js';
import { linkHost, linkPort } from '../links/machineLink.js';
import { topicMapSchema } from './topicMap.js';

const userAllowed = 'a user of 2 to 40 small letters, digits and dashes';

/** What a machine or a meter signs in as at this server: short, for it is typed into its own panel. */
export const machineUser = z
  .string({ error: userAllowed })
  .regex(/^[a-z0-9][a-z0-9-]{1,39}$/, { error: userAllowed });

/** Where its messages come in: at this server's own broker, or at one that the shop has. */
const brokerSchema = z.discriminatedUnion(
  'is',
  [
    z.strictObject({ is: z.literal('own'), user: machineUser }),
    z.strictObject({ is: z.literal('other'), host: linkHost, port: linkPort, user: shortText(60) }),
  ],
  { error: 'own with user, or other with host, port and user' },
);

/** s: the longest that a machine may be silent with its light on, before nobody knows. */
const silence = { quantity: 'silence', min: 0.5, max: 60, unit: 's' };

/** What a machine says by itself: how it comes in, and how it is read. */
export const machineTelemetryDraftSchema = z
  .strictObject(
    {
      /** Nothing is listened to while this is off; what was heard stays. */
      isOn: z.boolean({ error: 'true or false' }),
      broker: brokerSchema,
      /** What the machine signs in with at our broker and over HTTP, or we at the other. Empty: as it was. */
      password: shortText(80),
      silenceS: boundedNumber(silence),
      map: topicMapSchema,
    },
    { error: 'telemetry with isOn, broker, password, silenceS and map' },
  )
  .check(({ value: { broker, password }, issues }) => {
    if (broker.is === 'own' && password !== '' && password.length < leastPassword)
      issues.push({
        code: 'custom',
        ...{ path: ['password'], input: '', message: `${leastPassword} characters or more` },
      });
  });
export type MachineTelemetryDraft = z.infer<typeof machineTelemetryDraftSchema>;
const leastPassword = 12;

/** A machine's telemetry as it stands; the password stays with the server. */
export const machineTelemetrySchema = z.strictObject({
  ...machineTelemetryDraftSchema.shape,
  password: z.literal(''),
  hasPassword: z.boolean(),
  machineId: z.string(),
  revision: z.int().positive(),
  savedAt: moment,
  savedBy: z.string(),
});
export type MachineTelemetry = z.infer<typeof machineTelemetrySchema>;
