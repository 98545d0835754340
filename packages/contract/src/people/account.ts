import { z } from 'zod';
import { shortText } from '../wire/bounded.js';

const loginRule = 'a name or address without spaces, 3 to 120 characters';

/** What somebody calls themselves over the network, in small letters: an address of theirs, where a provider knows them by one. */
const login = z
  .string({ error: loginRule })
  .trim()
  .toLowerCase()
  .regex(/^\S{3,120}$/, { error: loginRule });

const passphraseRule = '12 to 200 characters, more than a few different ones: four words make a good one';

/** What is typed at the door: anything, so that nothing is told of what it should be. */
const typedPassphrase = z.string({ error: 'a passphrase' }).max(200, { error: 'up to 200 characters' });

/** A passphrase that is given anew. */
const newPassphrase = z
  .string({ error: passphraseRule })
  .min(12, { error: passphraseRule })
  .max(200, { error: passphraseRule })
  .refine((text) => new Set(text).size >= 6, { error: passphraseRule });

/** How somebody signs in who comes over the network: with a passphrase, by the firm's provider, or either. */
export const accountSchema = z.strictObject({
  personId: z.string(),
  login,
  hasPassphrase: z.boolean(),
  /** Somebody signed in by the provider as this account once: from then on it goes by who the provider says they are. */
  isLinked: z.boolean(),
});
export type Account = z.infer<typeof accountSchema>;

/** What a lead sends to give somebody an account, or to change it. */
export const accountDraftSchema = z.strictObject(
  {
    login,
    /** Null for none; left out to keep what there is. */
    passphrase: newPassphrase.nullable().optional(),
  },
  { error: 'an account with login, and a passphrase or null' },
);
export type AccountDraft = z.infer<typeof accountDraftSchema>;

/** Who signs in with an account. */
export const accountSignInSchema = z.strictObject(
  { login: shortText(120), passphrase: typedPassphrase },
  { error: 'a sign-in with login and passphrase' },
);
export type AccountSignIn = z.infer<typeof accountSignInSchema>;

/** A person's change of their own passphrase. */
export const ownPassphraseSchema = z.strictObject(
  { passphrase: typedPassphrase, newPassphrase },
  { error: 'a change with passphrase and newPassphrase' },
);
export type OwnPassphrase = z.infer<typeof ownPassphraseSchema>;

/** What ways in there are from where somebody asks. */
export const doorSchema = z.strictObject({
  /** A name and a PIN are taken here. */
  takesPins: z.boolean(),
  /** Somebody has an account with a passphrase. */
  hasPassphrases: z.boolean(),
  /** What the firm's provider of sign-ins is called; null where there is none. */
  provider: z.string().nullable(),
});
export type Door = z.infer<typeof doorSchema>;

/** Where the browser goes to sign in at the provider. */
export const providerBegunSchema = z.strictObject({ url: z.url() });
export type ProviderBegun = z.infer<typeof providerBegunSchema>;

/** What the provider sent the browser back with: the part of the address behind the question mark. */
export const providerAnswerSchema = z.strictObject(
  { query: z.string({ error: 'what the provider answered' }).max(8000, { error: 'up to 8,000 characters' }) },
  { error: 'an answer with query' },
);
export type ProviderAnswer = z.infer<typeof providerAnswerSchema>;
