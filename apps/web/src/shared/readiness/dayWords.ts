import { dayProgress, type Day } from '@lone-heron/contract';
import { differenceInHours, isSameDay } from 'date-fns';
import { shownMoment } from '../words/moments.js';

/** After so long a day was probably never shut down. */
const longDayHours = 16;

/** Whether a machine is started up for work. */
export function isReady(day: Day | undefined): boolean {
  return day !== undefined && day.closedAt === null && dayProgress(day).phase === 'open';
}

/** A machine's day in a few words, for the waterline. */
export function dayInWords(day: Day | undefined, now: Date): string {
  if (day === undefined || day.closedAt !== null) return 'not opened';
  const { phase, settled, total, stoppedBy } = dayProgress(day);
  if (stoppedBy !== null) return 'stopped';
  if (phase === 'startUp') return `${settled} of ${total} checked`;
  if (phase === 'shutDown') return `${settled} of ${total} shut`;
  return isSameDay(new Date(day.openedAt), now) ? `open ${shownMoment(day.openedAt, now)}` : 'open overnight';
}

/** Whether a day that is still open was probably forgotten. */
export function isForgotten(day: Day, now: Date): boolean {
  return day.closedAt === null && differenceInHours(now, new Date(day.openedAt)) >= longDayHours;
}
