import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, Response } from 'express';

const name = 'lone-heron-session';

/** The secret a request brings; null where it brings none. */
export function sessionToken(request: Request): string | null {
  return parseCookie(request.headers.cookie ?? '')[name] ?? null;
}

/**
 * Gives the device its secret: never seen by script, never sent along from another site, and over HTTPS alone where the
 * shop is served so. It goes when the browser closes.
 */
export function giveCookie(request: Request, response: Response, token: string): void {
  response.append('Set-Cookie', cookieOf(request, token));
}

/** Takes the secret back. */
export function takeCookie(request: Request, response: Response): void {
  response.append('Set-Cookie', cookieOf(request, '', 0));
}

function cookieOf(request: Request, value: string, maxAge?: number): string {
  return stringifySetCookie({
    name,
    value,
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: request.secure,
    ...(maxAge === undefined ? {} : { maxAge }),
  });
}
