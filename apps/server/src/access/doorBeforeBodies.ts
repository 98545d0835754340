import type { NextFunction, Request, Response } from 'express';
import { ProblemException } from '../http/problem.js';
import type { SessionsService } from '../people/sessions.service.js';
import type { HeronRequest } from './access.js';
import { signInFirst } from './access.guard.js';
import { requireNoStranger, requireOwnPage } from './ownPage.js';
import { isReading } from './reading.js';
import { sessionToken } from './sessionCookie.js';

/** Where people sign in, which nobody has done before it. What is sent there is short. */
const doors = /^\/api\/(session(\/(account|provider|provider\/begun))?|people\/[^/]+\/first-lead)\/?$/;

export function isDoor(path: string): boolean {
  return doors.test(path);
}

/** Where meters come, which are nobody: each with its machine’s password. */
const meters = /^\/api\/meters\/([^/]+)\/samples\/?$/;

/** Whether a meter that comes as a machine’s user has its password. */
export type KnowsMeter = (user: string, request: Request) => boolean;

/**
 * Looks at who calls the API before anything is read of what they send: pages of other sites are not answered, and nobody
 * who is not signed in has a body taken in. What each role may do is for the guard, which knows the route.
 */
export function doorBeforeBodies(sessions: SessionsService, knowsMeter: KnowsMeter) {
  return async (request: Request, response: Response, next: NextFunction): Promise<void> => {
    try {
      // Nothing of the shop is left in a browser's own cache; what says otherwise, such as a photo, says so itself.
      response.setHeader('Cache-Control', 'no-store');
      const [, meterOf] = meters.exec(pathOf(request)) ?? [];
      if (isReading(request) || meterOf !== undefined) requireNoStranger(request);
      else requireOwnPage(request);
      const token = sessionToken(request);
      const person = token === null ? null : await sessions.personOf(token);
      (request as HeronRequest).person = person;
      if (meterOf !== undefined) {
        if (!knowsMeter(meterOf, request)) throw unknownMeter();
      } else if (!isReading(request) && person === null && !isDoor(pathOf(request))) throw signInFirst();
      next();
    } catch (error) {
      // What was sent along is not waited for.
      response.setHeader('Connection', 'close');
      next(error);
    }
  };
}

function pathOf({ originalUrl }: Request): string {
  return originalUrl.split('?')[0] ?? '';
}

/** The same words whether the machine is not listened to or the password is another: nothing is to be learnt by trying. */
function unknownMeter(): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Not known',
    status: 401,
    detail: 'Nobody listens to that machine with that password. A lead says both in Shop, at the machine.',
  });
}
