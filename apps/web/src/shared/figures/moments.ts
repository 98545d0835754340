import { format, isSameDay, isSameYear } from 'date-fns';

/** A moment by the clock on the wall: today by its time, this year by day and month, older ones in full. */
export function shownMoment(iso: string, now: Date): string {
  const date = new Date(iso);
  if (isSameDay(date, now)) return `today ${format(date, 'HH:mm')}`;
  return format(date, isSameYear(date, now) ? 'd MMM HH:mm' : 'd MMM yyyy');
}
