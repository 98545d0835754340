import { hash, verify } from '@node-rs/argon2';

/**
 * Cost of one try: 19 MiB and two passes of Argon2id, the least that OWASP's password storage sheet (2024) asks for;
 * about a twentieth of a second here. (The package's `Algorithm` is a const enum, which isolated modules cannot read;
 * its default is Argon2id.)
 */
const cost = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export function hashPin(pin: string): Promise<string> {
  return hash(pin, cost);
}

/** What a PIN is compared with where nobody goes by the name, so that the answer takes as long: the hash of no PIN. */
const nobodysHash =
  '$argon2id$v=19$m=19456,t=2,p=1$eeG6xz14S32eO4lzuN71+g$1BphkPVsEIjwSBbIc2C1GMRVnCDWolM8TTfsrk1P+ac';

/** Whether a PIN is the one of a hash; for null as long a no. */
export function isPinOf(pin: string, pinHash: string | null): Promise<boolean> {
  return verify(pinHash ?? nobodysHash, pin);
}
