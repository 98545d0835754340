import { z } from 'zod';
import { oneOf } from '../wire/bounded.js';
import { workshopId } from '../workshops/workshop.js';
import { personId, personName, roles } from './person.js';

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
  {
    name: personName,
    role: oneOf(roles),
    pin: newPin,
    /** Left out, they are of the workshop of who adds them. */
    workshopId: workshopId.optional(),
  },
  { error: 'a person with name: personName, role and pin' },
);
export type PersonDraft = z.infer<typeof personDraftSchema>;

/** The first lead of a new shop. */
export const firstLeadSchema = z.strictObject(
  { name: personName, pin: newPin },
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
export const nameChangeSchema = z.strictObject({ name: personName }, { error: 'a change with name' });
export type NameChange = z.infer<typeof nameChangeSchema>;

export const roleChangeSchema = z.strictObject({ role: oneOf(roles) }, { error: 'a change with role' });
export type RoleChange = z.infer<typeof roleChangeSchema>;
