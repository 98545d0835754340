import { z } from 'zod';
import { oneOf, shortText } from '../wire/bounded.js';
import { ownedBy } from '../workshops/ownedBy.js';

/** What a person of the shop may do: a lead everything, upkeep what keeps machines well, a welder what welding needs. */
export const roles = ['welder', 'upkeep', 'lead'] as const;
export type Role = (typeof roles)[number];

/** A person's id in an address: the client's own for a new one. */
export const personId = z
  .string({ error: 'an id of letters, digits and dashes' })
  .regex(/^[\w-]{1,60}$/, { error: 'an id of letters, digits and dashes' });

/** What somebody is called. */
export const personName = shortText(60).min(1, { error: 'a name of up to 60 characters' });

/** Somebody of the shop, as everybody may know them. */
export const personSchema = z.strictObject({
  id: z.string(),
  name: personName,
  role: oneOf(roles),
  /** Disabled people stay on what they did and cannot sign in. */
  isDisabled: z.boolean(),
  /** The workshop they are of; null for somebody of the whole firm, who may change what is any workshop's. */
  workshopId: ownedBy,
});
export type Person = z.infer<typeof personSchema>;

/** Who is signed in on this device, and what it has to ask first. */
export const sessionSchema = z.strictObject({
  /** Null while nobody is signed in. */
  person: personSchema.nullable(),
  /** The shop has nobody yet: the first lead has to be made. */
  needsFirstLead: z.boolean(),
  /** Nothing can be read either before somebody signs in, as when the shop is on the network. */
  isReadingClosed: z.boolean(),
  /** Somebody still has the sample PIN. */
  hasSamplePin: z.boolean(),
});
export type Session = z.infer<typeof sessionSchema>;

/** Something that was changed, by whom. */
export const changeSchema = z.strictObject({
  id: z.int().positive(),
  at: z.iso.datetime(),
  /** Null where the shop itself did it, as at its first start. */
  personId: z.string().nullable(),
  noun: z.string(),
  subjectId: z.string(),
  /** In words: what was changed and how. */
  what: z.string(),
});
export type Change = z.infer<typeof changeSchema>;
