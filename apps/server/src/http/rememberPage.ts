import type { NextFunction, Request, Response } from 'express';
import { ownPageHeader } from '../access/ownPage.js';
import { doneFor } from '../storage/askingPage.js';

/** Longer no page of ours calls itself. */
const longest = 40;

/** Remembers which page asks, for whatever is stored because of it: what it changed itself it knows already. */
export function rememberPage(request: Request, _response: Response, next: NextFunction): void {
  doneFor((request.get(ownPageHeader) ?? '').slice(0, longest), next);
}
