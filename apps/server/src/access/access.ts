import type { Person, Role } from '@lone-heron/contract';
import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';

/** Who may call a route. */
export type AccessRule = { readonly for: 'anyone' } | { readonly for: readonly Role[] };

export const accessRule = 'lone-heron:access';

/** A route for people of these roles, signed in. */
export const For = (...roles: readonly Role[]) => SetMetadata<string, AccessRule>(accessRule, { for: roles });

/** A route for people of any role, signed in. */
export const ForEverybody = () => For('welder', 'upkeep', 'lead');

/** A route for anyone, as the door itself. */
export const ForAnyone = () => SetMetadata<string, AccessRule>(accessRule, { for: 'anyone' });

/** A request with whom it comes from; null where nobody is signed in. */
export interface HeronRequest extends Request {
  person: Person | null;
}

/** The person a route is called by; null where nobody is signed in, as where reading is open. */
export const Asker = createParamDecorator(
  (_: unknown, context: ExecutionContext): Person | null =>
    context.switchToHttp().getRequest<HeronRequest>().person,
);

/** The person a route is called by; for routes that ask for one. */
export const By = createParamDecorator((_: unknown, context: ExecutionContext): Person => {
  const { person } = context.switchToHttp().getRequest<HeronRequest>();
  if (person === null) throw new Error('a route that takes a person lets nobody in without one');
  return person;
});
