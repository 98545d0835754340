import type { Person } from '@lone-heron/contract';
import { Inject, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { ProblemException } from '../http/problem.js';
import { SessionsService } from '../people/sessions.service.js';
import { accessRule, type AccessRule, type HeronRequest } from './access.js';
import { requireOwnPage } from './ownPage.js';
import { readingIsClosed } from './readingIsClosed.js';
import { sessionToken } from './sessionCookie.js';

const reading: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * The guard at every route: a route that changes anything and says nothing of who may call it is closed. Reading is
 * open where the shop's own machine alone can connect, and closed on the network.
 */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
    @Inject(readingIsClosed) private readonly isReadingClosed: boolean,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<HeronRequest>();
    const isReading = reading.has(request.method);
    if (!isReading) requireOwnPage(request);
    const token = sessionToken(request);
    request.person = token === null ? null : await this.sessions.personOf(token);
    const rule = this.reflector.getAllAndOverride<AccessRule | undefined>(accessRule, [
      context.getHandler(),
      context.getClass(),
    ]);
    requireAllowed(
      rule ?? { for: isReading && !this.isReadingClosed ? 'anyone' : 'unsaid' },
      request.person,
      isReading,
    );
    return true;
  }
}

type Rule = AccessRule | { readonly for: 'unsaid' };

function requireAllowed(rule: Rule, person: Person | null, isReading: boolean): void {
  if (rule.for === 'anyone') return;
  if (person === null) throw signInFirst();
  if (rule.for === 'unsaid') {
    if (isReading) return;
    throw forbidden('Nobody may call this: it does not say who may.');
  }
  if (!rule.for.includes(person.role)) {
    throw forbidden(`${person.name} is ${person.role} here; this is for ${rule.for.join(' or ')}.`);
  }
}

function signInFirst(): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Not signed in',
    status: 401,
    detail: 'Sign in first. Nothing was stored, and nothing typed is lost.',
  });
}

function forbidden(detail: string): ProblemException {
  return new ProblemException({ type: 'about:blank', title: 'Not allowed', status: 403, detail });
}
