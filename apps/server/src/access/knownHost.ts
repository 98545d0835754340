import type { NextFunction, Request, Response } from 'express';

const own = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

/**
 * While the shop is served to this machine alone, answers no other name: a site elsewhere whose name is made to point
 * here would otherwise read along.
 */
export function answerOwnNamesOnly(request: Request, response: Response, next: NextFunction): void {
  if (own.test(request.headers.host ?? '')) next();
  else response.status(421).type('text/plain').send('This shop answers 127.0.0.1 and localhost.\n');
}
