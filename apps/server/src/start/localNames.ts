import { BlockList } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';

/** IPv4 addresses that never leave a local network, each with how many of its bits count. */
export const localRanges = [
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.168.0.0', 16],
] as const;

const local = new BlockList();
for (const [net, bits] of localRanges) local.addSubnet(net, bits);

/** Whether an IPv4 address is of a local network, so that the shop's own certificate may name it. */
export function isLocal(address: string): boolean {
  return local.check(address);
}

/** What a machine is called in its own network. */
export interface LocalNames {
  /** As the machine calls itself, without a domain. */
  readonly host: string;
  /** IPv4, of the local network. */
  readonly addresses: readonly string[];
}

export function localNames(): LocalNames {
  const addresses = Object.values(networkInterfaces()).flatMap((cards = []) =>
    cards.filter(({ family, internal }) => family === 'IPv4' && !internal).map(({ address }) => address),
  );
  return { host: (hostname().split('.')[0] ?? 'lone-heron').toLowerCase(), addresses };
}
