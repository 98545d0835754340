import { linkKeys, parameterKeys } from '@lone-heron/core';
import { z } from 'zod';
import { boundedNumber, clientId, distinctOf, moment, oneOf, shortText } from '../wire/bounded.js';
import { registerMapSchema } from './registerMap.js';

/** An address in the shop: digits, or a name; no scheme, no port, no path. */
export const linkHost = shortText(120).regex(/^[A-Za-z0-9]([A-Za-z0-9.-]*[A-Za-z0-9])?$|^[0-9a-fA-F:]+$/, {
  error: 'an address such as 192.168.10.20, or a name, without port or path',
});

export const linkPort = boundedNumber({ quantity: 'port', min: 1, max: 65535, unit: '' }).refine(
  Number.isInteger,
  { error: 'a whole number from 1 to 65535' },
);

/** How a machine is reached, and what may be done there. */
export const machineLinkDraftSchema = z.strictObject(
  {
    host: linkHost,
    port: linkPort,
    map: registerMapSchema,
    /** Nothing is written while this is off. */
    mayWrite: z.boolean({ error: 'true or false' }),
    /** What may be written then. */
    allowed: distinctOf(parameterKeys),
  },
  { error: 'a link with host, port, map, mayWrite and allowed' },
);
export type MachineLinkDraft = z.infer<typeof machineLinkDraftSchema>;

/** A machine's link as it stands. */
export const machineLinkSchema = z.strictObject({
  ...machineLinkDraftSchema.shape,
  machineId: z.string(),
  revision: z.int().positive(),
  savedAt: moment,
  savedBy: z.string(),
});
export type MachineLink = z.infer<typeof machineLinkSchema>;

/** One value as the machine said it, or why it is none. */
const linkReadingSchema = z.strictObject({
  key: oneOf(linkKeys),
  value: z.number().nullable(),
  /** Why there is no value: it does not answer, or says what cannot be. */
  fault: z.string().nullable(),
});
export type LinkReading = z.infer<typeof linkReadingSchema>;

/** What a machine said, all of it within moments. */
export const linkReadSchema = z.strictObject({ at: moment, readings: z.array(linkReadingSchema) });
export type LinkRead = z.infer<typeof linkReadSchema>;

/** What is stored in a machine: its programs, and its feeder's menu. */
export const linkStoredSchema = z.strictObject({
  at: moment,
  slots: z.array(z.strictObject({ slot: z.int().positive(), readings: z.array(linkReadingSchema) })),
  feeder: z.array(
    z.strictObject({ name: z.string(), value: z.string().nullable(), fault: z.string().nullable() }),
  ),
});
export type LinkStored = z.infer<typeof linkStoredSchema>;

const wantedSchema = z.strictObject(
  { key: oneOf(parameterKeys), value: z.number({ error: 'a number' }) },
  { error: 'a parameter with key and value' },
);

/** What is sent to a machine; the id makes it the same sending when it is repeated. */
export const linkSendingDraftSchema = z.strictObject(
  {
    wanted: z
      .array(wantedSchema, { error: 'the parameters' })
      .min(1, { error: 'one parameter or more' })
      .max(parameterKeys.length, { error: `up to ${parameterKeys.length}` }),
    /** What it is sent for, as the history has it. */
    what: shortText(120),
  },
  { error: 'a sending with wanted and what' },
);
export type LinkSendingDraft = z.infer<typeof linkSendingDraftSchema>;

/** How a parameter came out: what was wanted, what stood there before, what stands there now. */
const sentValueSchema = z.strictObject({
  key: oneOf(parameterKeys),
  wanted: z.number(),
  before: z.number().nullable(),
  /** Read back; null where it was not written, or does not answer. */
  now: z.number().nullable(),
});

/** A sending as it went. */
export const linkSendingSchema = z.strictObject({
  id: clientId,
  machineId: z.string(),
  ...linkSendingDraftSchema.shape,
  /** sent: all stands as wanted; stopped: something differs or did not answer, and nothing more was written. */
  outcome: oneOf(['underWay', 'sent', 'stopped']),
  values: z.array(sentValueSchema),
  /** Why it stopped. */
  why: z.string(),
  sentAt: moment,
  sentBy: z.string(),
});
export type LinkSending = z.infer<typeof linkSendingSchema>;
