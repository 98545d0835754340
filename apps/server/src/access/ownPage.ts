import type { Request } from 'express';
import { ProblemException } from '../http/problem.js';

/** A page of another site can make a browser send a form with its cookies, but never with this header. */
const ownPageHeader = 'x-lone-heron';

/** Refuses a change that does not come from a page of ours: the header missing, or another origin named. */
export function requireOwnPage(request: Request): void {
  const origin = request.get('origin');
  const isForeign = origin !== undefined && hostOf(origin) !== request.get('host');
  const site = request.get('sec-fetch-site');
  const isAcross = site !== undefined && site !== 'same-origin' && site !== 'none';
  if (request.get(ownPageHeader) !== undefined && !isForeign && !isAcross) return;
  throw new ProblemException({
    type: 'about:blank',
    title: 'Not from here',
    status: 403,
    detail: `A change has to come from a page of this shop (header ${ownPageHeader}, same origin).`,
  });
}

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}
