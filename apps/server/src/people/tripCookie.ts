import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, Response } from 'express';
import { z } from 'zod';
import type { ProviderTrip } from './OpenIdProvider.js';

const name = 'lone-heron-provider';
/** Whoever does not come back sooner begins again, s. */
const longestTrip = 600;

const tripSchema = z.strictObject({ state: z.string(), nonce: z.string(), verifier: z.string() });

/** What this device took along to the provider; null where it took nothing. */
export function tripOf(request: Request): ProviderTrip | null {
  const text = parseCookie(request.headers.cookie ?? '')[name];
  if (text === undefined) return null;
  const parsed = tripSchema.safeParse(readJson(text));
  return parsed.success ? parsed.data : null;
}

/** Has the device keep it while its browser is away; null to forget it. */
export function keepTrip(request: Request, response: Response, trip: ProviderTrip | null): void {
  response.append(
    'Set-Cookie',
    stringifySetCookie({
      name,
      value: trip === null ? '' : JSON.stringify(trip),
      path: '/api/session',
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      maxAge: trip === null ? 0 : longestTrip,
    }),
  );
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
