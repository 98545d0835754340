import { z } from 'zod';
import { oneOf, shortText } from '../wire/bounded.js';

/** What a person of the shop may do: a lead everything, upkeep what keeps machines well, a welder what welding needs. */
export const roles = ['welder', 'upkeep', 'lead'] as const;
export type Role = (typeof roles)[number];

/** A person's id in an address: the client's own for a new one. */
export const personId = z
  .string({ error: 'an id of letters, digits and dashes' })
  .regex(/^[\w-]{1,60}$/, { error: 'an id of letters, digits and dashes' });

const name = shortText(60).min(1, { error: 'a name of up to 60 characters' });

/** Somebody of the shop, as everybody may know them. */
export const personSchema = z.strictObject({
  id: z.string(),
  name,
  role: oneOf(roles),
  /** Disabled people stay on what they did and cannot sign in. */
  isDisabled: z.boolean(),
});
export type Person = z.infer<typeof personSchema>;

/** What a PIN is made of. */
const pinRule = '4 to 8 digits';

/** A PIN; never kept, only its hash. */
const pin = z.string({ error: pinRule }).regex(/^\d{4,8}$/, { error: pinRule });

/** What a PIN that is given anew may not be: these are what somebody who wants in tries first. */
const newPinRule =
  '4 to 8 digits that nobody guesses first: not all alike, not in a row as 1234, not one pair twice, no year';

/** A new PIN. */
const newPin = pin.refine((digits) => !isGuessedFirst(digits), { error: newPinRule });

function isGuessedFirst(digits: string): boolean {
  const figures = Array.from(digits, Number);
  const steps = figures.slice(1).map((figure, i) => figure - (figures[i] ?? 0));
  const isEven = steps.every((step) => step === steps[0]) && Math.abs(steps[0] ?? 0) <= 1;
  const isPairs = /^(..)\1+$/.test(digits);
  return isEven || isPairs || /^(19|20)\d\d$/.test(digits) || digits === samplePin;
}

/** The PIN of everybody in the sample workshop; the network is refused while somebody has it. */
export const samplePin = '2468';

/** Somebody new, as a lead adds them. */
export const personDraftSchema = z.strictObject(
  { name, role: oneOf(roles), pin: newPin },
  { error: 'a person with name, role and pin' },
);
export type PersonDraft = z.infer<typeof personDraftSchema>;

/** The first lead of a new shop. */
export const firstLeadSchema = z.strictObject(
  { name, pin: newPin },
  { error: 'a first lead with name and pin' },
);
export type FirstLead = z.infer<typeof firstLeadSchema>;

/** Who signs in. */
export const signInSchema = z.strictObject({ personId, pin }, { error: 'a sign-in with personId and pin' });
export type SignIn = z.infer<typeof signInSchema>;

/** A person's change of their own PIN. */
export const ownPinSchema = z.strictObject({ pin, newPin }, { error: 'a change with pin and newPin' });
export type OwnPin = z.infer<typeof ownPinSchema>;

/** A signature: who is signed in says once more that it is them. */
export const signatureSchema = z.strictObject({ pin }, { error: 'a signature with pin' });
export type Signature = z.infer<typeof signatureSchema>;

/** A lead's reset of somebody's PIN. */
export const pinResetSchema = z.strictObject({ newPin }, { error: 'a reset with newPin' });
export type PinReset = z.infer<typeof pinResetSchema>;

/** A lead's change of somebody's role. */
export const nameChangeSchema = z.strictObject({ name }, { error: 'a change with name' });
export type NameChange = z.infer<typeof nameChangeSchema>;

export const roleChangeSchema = z.strictObject({ role: oneOf(roles) }, { error: 'a change with role' });
export type RoleChange = z.infer<typeof roleChangeSchema>;

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
