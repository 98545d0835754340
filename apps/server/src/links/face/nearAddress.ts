import { lookup } from 'node:dns/promises';
import { BlockList, isIP } from 'node:net';

/** Networks that a shop’s own machines stand in: this computer and the private ranges. */
const near = new BlockList();
near.addSubnet('127.0.0.0', 8, 'ipv4');
near.addSubnet('10.0.0.0', 8, 'ipv4');
near.addSubnet('172.16.0.0', 12, 'ipv4');
near.addSubnet('192.168.0.0', 16, 'ipv4');
near.addSubnet('169.254.0.0', 16, 'ipv4');
near.addAddress('::1', 'ipv6');
near.addSubnet('fc00::', 7, 'ipv6');
near.addSubnet('fe80::', 10, 'ipv6');

/**
 * The address that a name stands for, as long as it is one of the shop’s own networks: a link reaches no further.
 *
 * @returns null for a name nobody knows, and for an address outside
 */
export async function nearAddress(host: string): Promise<string | null> {
  try {
    const { address, family } = await lookup(host);
    return near.check(address, family === 6 ? 'ipv6' : 'ipv4') ? address : null;
  } catch (fault) {
    if (isIP(host) === 0 && (fault as NodeJS.ErrnoException).code !== undefined) return null;
    throw fault;
  }
}
