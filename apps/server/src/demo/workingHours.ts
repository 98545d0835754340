import { differenceInCalendarDays, startOfDay } from 'date-fns';
import { randomStream } from '@lone-heron/core';

const hour = 3600 * 1000;
const day = 24 * hour;
/** The sample workshop works from half past seven to five, by the clock of this machine. */
const opens = 7.5 * hour;
const closes = 17 * hour;

/** The last moment at which somebody was at work: now, or the end of the last working day where nobody is. */
export function lastAtWork(now: number): number {
  const today = startOfDay(now).getTime();
  if (now < today + opens) return startOfDay(today - 1).getTime() + closes;
  return Math.min(now, today + closes);
}

/**
 * A moment of the past in the working hours of its own day: what came before another stays before it. Moments of the last
 * day stay as they are, which is counted back from now.
 *
 * @param moment ms since 1970, not after now
 * @param now the last moment at work
 */
export function atWork(moment: number, now: number): number {
  if (differenceInCalendarDays(now, moment) === 0) return moment;
  const midnight = startOfDay(moment).getTime();
  const half = (closes - opens) / 2;
  // Each day's work lies in a half of it that is the day's own: what was done at one time of many days is not of one minute.
  return midnight + opens + shareOf(midnight) * half + ((moment - midnight) / day) * half;
}

/** Between 0 and 1, the same for a day whenever it is asked. */
function shareOf(midnight: number): number {
  return randomStream(Math.round(midnight / day))();
}

/** When a day was begun: in the morning, but for today, which is counted back from now. */
export function begunAt(moment: number, now: number): number {
  if (differenceInCalendarDays(now, moment) === 0) return moment;
  return startOfDay(moment).getTime() + opens;
}
