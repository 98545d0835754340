import { timingSafeEqual } from 'node:crypto';
import type { IncomingMessage } from 'node:http';

/** Whether a password is the one that is wanted, in a time that tells nothing; none is wanted by nobody. */
export function isSame(wanted: string, given: Buffer): boolean {
  const known = Buffer.from(wanted);
  return known.length > 0 && known.length === given.length && timingSafeEqual(known, given);
}

/** What a meter signs in with; empty where it says nothing. */
export function bearerOf({ headers }: Pick<IncomingMessage, 'headers'>): Buffer {
  const [, token = ''] = /^Bearer (\S+)$/.exec(headers.authorization ?? '') ?? [];
  return Buffer.from(token);
}
