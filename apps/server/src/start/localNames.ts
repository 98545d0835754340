import { hostname, networkInterfaces } from 'node:os';

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
