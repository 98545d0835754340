import type { BlockList } from 'node:net';

/** The firm's provider of sign-ins, by OpenID Connect. */
export interface ProviderPlan {
  readonly issuer: URL;
  readonly clientId: string;
  /** Null for a client that has none. */
  readonly clientSecret: string | null;
  /** What its button says. */
  readonly name: string;
  /** Where this shop is reached, for the provider to send people back to. */
  readonly url: URL;
}

/** Who may come in how. */
export interface SignInPlan {
  /** Null where there is none. */
  readonly provider: ProviderPlan | null;
  /** Addresses that PINs are taken from; null for every one. */
  readonly pinFrom: BlockList | null;
}

/** A shop that nobody said more of: a name and a PIN, or a passphrase, from anywhere. */
export const pinsFromAnywhere: SignInPlan = { provider: null, pinFrom: null };

/** What a {@link SignInPlan} is injected as. */
export const signInPlan = Symbol('how people sign in');
