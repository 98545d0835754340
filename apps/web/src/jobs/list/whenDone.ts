import type { JobLine } from '@lone-heron/contract';
import { addDays, differenceInMinutes, format, isWeekend, setHours, startOfDay } from 'date-fns';

/** A day of work: eight hours that end at five, Monday to Friday. */
const dayMinutes = 480;
const closesAt = 17;

/** When a job would be done by the learned times, with what stands before it on the same machine. */
export interface WhenDone {
  /** Such as 2026-12-04. */
  readonly day: string;
  readonly isLate: boolean;
}

/**
 * When each open job would be done, worked one after the other on its machine in the order they are due; what has no due day
 * comes last.
 *
 * @param minutesLeft of each job by its id; jobs that are not in it yet are left out
 */
export function whenDone(
  jobs: readonly JobLine[],
  minutesLeft: ReadonlyMap<string, number>,
  now: Date,
): ReadonlyMap<string, WhenDone> {
  const found = new Map<string, WhenDone>();
  const machines = new Set(jobs.map(({ machineId }) => machineId));
  for (const machine of machines) {
    const own = jobs
      .filter(({ id, machineId }) => machineId === machine && minutesLeft.has(id))
      .toSorted(
        (one, other) =>
          (one.dueOn ?? '9999').localeCompare(other.dueOn ?? '9999') || one.number - other.number,
      );
    let before = 0;
    for (const { id, dueOn } of own) {
      before += minutesLeft.get(id) ?? 0;
      const day = format(dayAfter(before, now), 'yyyy-MM-dd');
      found.set(id, { day, isLate: dueOn !== null && day > dueOn });
    }
  }
  return found;
}

/** The day on which so many minutes of work from now are done. */
function dayAfter(minutes: number, now: Date): Date {
  let day = startOfDay(now);
  let left = minutes - leftToday(now);
  while (left > 0) {
    day = addDays(day, 1);
    if (!isWeekend(day)) left -= dayMinutes;
  }
  return day;
}

function leftToday(now: Date): number {
  if (isWeekend(now)) return 0;
  const left = differenceInMinutes(setHours(startOfDay(now), closesAt), now);
  return Math.min(dayMinutes, Math.max(0, left));
}
