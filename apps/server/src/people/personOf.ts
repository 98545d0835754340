import type { Person } from '@lone-heron/contract';
import type { PersonEntity } from './person.entity.js';

/** A person as everybody may know them: nothing of the PIN. */
export function personOf({ id, name, role, disabledAt, workshopId }: PersonEntity): Person {
  return { id, name, role, isDisabled: disabledAt !== null, workshopId };
}
