import type { Request } from 'express';
import { isIPv4, type BlockList } from 'node:net';

/** Whether a PIN is taken from where a request comes. Behind a proxy nobody can say where that is: there it is not, once benches are named. */
export function takesPins(pinFrom: BlockList | null, request: Request): boolean {
  if (pinFrom === null) return true;
  const isPassedOn = request.headers['x-forwarded-for'] ?? request.headers.forwarded;
  return isPassedOn === undefined && isBench(pinFrom, request.socket.remoteAddress ?? '');
}

/** Whether an address is of the benches: this machine's own is one whatever is said. */
function isBench(benches: BlockList, address: string): boolean {
  // An address of the older kind, as a socket that listens for both says it.
  const bare = address.replace(/^::ffff:/, '');
  if (bare === '::1' || bare.startsWith('127.')) return true;
  return bare !== '' && benches.check(bare, isIPv4(bare) ? 'ipv4' : 'ipv6');
}
