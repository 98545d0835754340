import type { Person } from '@lone-heron/contract';

/** Whether something is another workshop's, or the firm's, to somebody of a workshop: seen, not changed. */
export function isOfOthers(person: Person | null, workshopId: string | null | undefined): boolean {
  const own = person?.workshopId ?? null;
  return own !== null && (workshopId ?? null) !== own;
}
