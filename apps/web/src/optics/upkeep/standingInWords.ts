import { differenceInCalendarDays, format, isSameYear } from 'date-fns';
import { shownMoment } from '../../shared/figures/moments.js';
import type { StandingTask } from '../../shared/upkeep/upkeepDue.js';
import { intervalInWords, upkeepStateWords } from '../../shared/vocabulary/upkeepWords.js';

/** When a task is due, how often it comes and when it was done: "due 11 Dec, in 12 days, every 30 days; last 11 Nov 13:30". */
export function standingInWords({ task, standing, state }: StandingTask, now: Date): string {
  // What is done when it looks so has no day and no interval.
  const due =
    state === 'condition'
      ? upkeepStateWords[state]
      : `${dueInWords(state, standing.dueAt, now)}, ${intervalInWords(task)}`;
  const [last] = standing.done;
  if (last !== undefined) {
    const found = last.value === '' ? '' : `, ${last.value}`;
    return `${due}; last ${shownMoment(last.at, now)}${found}`;
  }
  return state === 'never' ? due : `${due}; no record of it yet`;
}

function dueInWords(state: StandingTask['state'], dueAt: string | null, now: Date): string {
  if (dueAt === null || state === 'never') return upkeepStateWords[state];
  const due = new Date(dueAt);
  const days = differenceInCalendarDays(due, now);
  const date = format(due, isSameYear(due, now) ? 'd MMM' : 'd MMM yyyy');
  if (days < 0) return `${upkeepStateWords[state]} since ${date}`;
  return days === 0 ? 'due today' : `due ${date}, in ${days} ${days === 1 ? 'day' : 'days'}`;
}
