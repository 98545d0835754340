import type { UpkeepStanding, UpkeepTask } from '@lone-heron/contract';
import { addDays } from 'date-fns';

/**
 * The days on which a task that goes by the calendar was due and not done before it was due once more. What goes by
 * light or by count has no day to have been missed on; how late it was done is said where it was done.
 */
export function missedDays(task: UpkeepTask, { done }: UpkeepStanding, now: Date): readonly Date[] {
  const { interval } = task;
  if (interval.by !== 'date') return [];
  const times = done.map(({ at }) => new Date(at)).toSorted((one, other) => one.getTime() - other.getTime());
  return times.flatMap((time, i) => {
    const next = times[i + 1] ?? now;
    const missed: Date[] = [];
    for (
      let due = addDays(time, interval.days);
      addDays(due, interval.days) <= next;
      due = addDays(due, interval.days)
    )
      missed.push(due);
    return missed;
  });
}
