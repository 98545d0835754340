import { BlockList, isIP } from 'node:net';
import type { ProviderPlan, SignInPlan } from '../access/SignInPlan.js';
import { StartFault } from './StartFault.js';

/** What the environment says of signing in. */
interface SignInVariables {
  readonly HERON_URL?: string | undefined;
  readonly HERON_PIN_FROM?: string | undefined;
  readonly HERON_OIDC_ISSUER?: string | undefined;
  readonly HERON_OIDC_CLIENT?: string | undefined;
  readonly HERON_OIDC_SECRET?: string | undefined;
  readonly HERON_OIDC_NAME?: string | undefined;
}

/** @throws StartFault where a provider is named and something that it takes is not */
export function signInOf(variables: SignInVariables): SignInPlan {
  const { HERON_PIN_FROM } = variables;
  return {
    provider: providerOf(variables),
    pinFrom: HERON_PIN_FROM === undefined ? null : blockListOf(HERON_PIN_FROM),
  };
}

function providerOf(variables: SignInVariables): ProviderPlan | null {
  const { HERON_URL, HERON_OIDC_ISSUER, HERON_OIDC_CLIENT, HERON_OIDC_SECRET, HERON_OIDC_NAME } = variables;
  const given = [HERON_OIDC_ISSUER, HERON_OIDC_CLIENT, HERON_OIDC_SECRET, HERON_OIDC_NAME];
  if (given.every((each) => each === undefined)) return null;
  if (HERON_OIDC_ISSUER === undefined || HERON_OIDC_CLIENT === undefined || HERON_URL === undefined)
    throw new StartFault(
      'A provider of sign-ins takes HERON_OIDC_ISSUER, HERON_OIDC_CLIENT and HERON_URL; one of them is missing.',
    );
  const issuer = new URL(HERON_OIDC_ISSUER);
  return {
    issuer,
    clientId: HERON_OIDC_CLIENT,
    clientSecret: HERON_OIDC_SECRET ?? null,
    name: HERON_OIDC_NAME ?? issuer.hostname,
    url: new URL(HERON_URL),
  };
}

/** "192.168.10.0/24" in its parts; null for what is none. A bare address is a network of one. */
function networkOf(text: string) {
  const [address = '', length] = text.trim().split('/');
  const family = isIP(address);
  if (family === 0) return null;
  const longest = family === 4 ? 32 : 128;
  const bits = length === undefined ? longest : Number(length);
  const isLength = Number.isInteger(bits) && bits >= 0 && bits <= longest && length !== '';
  return isLength ? { address, bits, family: family === 4 ? ('ipv4' as const) : ('ipv6' as const) } : null;
}

/** Whether a text is networks with commas between them. */
export function isNetworks(text: string): boolean {
  return text.split(',').every((each) => networkOf(each) !== null);
}

function blockListOf(text: string): BlockList {
  const list = new BlockList();
  for (const each of text.split(',')) {
    const network = networkOf(each);
    if (network !== null) list.addSubnet(network.address, network.bits, network.family);
  }
  return list;
}
