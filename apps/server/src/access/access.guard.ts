import type { Person } from '@lone-heron/contract';
import { Inject, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { notAllowed, ProblemException } from '../http/problem.js';
import { accessRule, type AccessRule, type HeronRequest } from './access.js';
import { readingIsClosed } from './readingIsClosed.js';
import { isReading } from './reading.js';

/**
 * The guard at every route, behind the door that looks who calls: a route that changes anything and says nothing of who may
 * call it is closed. Reading is open where the shop's own machine alone can connect, and closed on the network.
 */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    @Inject(readingIsClosed) private readonly isReadingClosed: boolean,
  ) {}

  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<HeronRequest>();
    const asksOnly = isReading(request);
    const rule = this.reflector.getAllAndOverride<AccessRule | undefined>(accessRule, [
      context.getHandler(),
      context.getClass(),
    ]);
    requireAllowed(
      rule ?? { for: asksOnly && !this.isReadingClosed ? 'anyone' : 'unsaid' },
      request.person,
      asksOnly,
    );
    return true;
  }
}

type Rule = AccessRule | { readonly for: 'unsaid' };

function requireAllowed(rule: Rule, person: Person | null, asksOnly: boolean): void {
  if (rule.for === 'anyone') return;
  if (person === null) throw signInFirst();
  if (rule.for === 'unsaid') {
    if (asksOnly) return;
    throw notAllowed('Nobody may call this: it does not say who may.');
  }
  if (!rule.for.includes(person.role)) {
    throw notAllowed(`${person.name} is ${person.role} here; this is for ${rule.for.join(' or ')}.`);
  }
}

export function signInFirst(): ProblemException {
  return new ProblemException({
    type: 'about:blank',
    title: 'Not signed in',
    status: 401,
    detail: 'Sign in first. Nothing was stored, and nothing typed is lost.',
  });
}
