import type { JobLine } from '@lone-heron/contract';
import { differenceInCalendarDays, parseISO } from 'date-fns';

/** Jobs that are due alike. */
export interface BoardColumn {
  readonly name: string;
  readonly jobs: readonly JobLine[];
  readonly isLate: boolean;
}

const columns: readonly { readonly name: string; readonly holds: (days: number | null) => boolean }[] = [
  { name: 'Late', holds: (days) => days !== null && days < 0 },
  { name: 'Today', holds: (days) => days === 0 },
  { name: 'The next seven days', holds: (days) => days !== null && days > 0 && days <= 7 },
  { name: 'Later', holds: (days) => days !== null && days > 7 },
  { name: 'No day said', holds: (days) => days === null },
];

/** Open jobs by how soon they are due, soonest first; of one day the one that was begun first. */
export function boardOf(jobs: readonly JobLine[], now: Date): readonly BoardColumn[] {
  const open = jobs.filter(({ state, withdrawnAt }) => state !== 'done' && withdrawnAt === null);
  const daysTo = ({ dueOn }: JobLine) =>
    dueOn === null ? null : differenceInCalendarDays(parseISO(dueOn), now);
  return columns.flatMap(({ name, holds }) => {
    const found = open
      .filter((job) => holds(daysTo(job)))
      .toSorted(
        (one, other) => (one.dueOn ?? '').localeCompare(other.dueOn ?? '') || one.number - other.number,
      );
    return found.length === 0 ? [] : [{ name, jobs: found, isLate: name === 'Late' }];
  });
}
