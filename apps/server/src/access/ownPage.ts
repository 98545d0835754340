import type { Request } from 'express';
import { ProblemException } from '../http/problem.js';

/** A page of another site can make a browser send a form with its cookies, but never with this header. */
export const ownPageHeader = 'x-lone-heron';

/** Refuses a change that does not come from a page of ours: the header missing, or another origin named. */
export function requireOwnPage(request: Request): void {
  if (request.get(ownPageHeader) !== undefined && !isFromElsewhere(request)) return;
  throw notFromHere(`A change has to come from a page of this shop (header ${ownPageHeader}, same origin).`);
}

/**
 * Refuses to answer what a page of another site asks for: it could not read the answer, and could keep the shop busy. What
 * is no browser says nothing of a site, such as a calendar that follows the upkeep.
 */
export function requireNoStranger(request: Request): void {
  if (isFromElsewhere(request)) throw notFromHere('Only pages of this shop are answered.');
}

function isFromElsewhere(request: Request): boolean {
  const origin = request.get('origin');
  const site = request.get('sec-fetch-site');
  const isAcross = site !== undefined && site !== 'same-origin' && site !== 'none';
  return isAcross || (origin !== undefined && hostOf(origin) !== request.get('host'));
}

function notFromHere(detail: string): ProblemException {
  return new ProblemException({ type: 'about:blank', title: 'Not from here', status: 403, detail });
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}
