import { dayProgress, type Day } from '@lone-heron/contract';
import { differenceInHours, isSameDay } from 'date-fns';
import { shownMoment } from '../figures/moments.js';

/** After so long a day was probably never shut down. */
const longDayHours = 16;

/** Whether a machine is started up for work. */
export function isReady(day: Day | undefined): boolean {
  return day !== undefined && day.closedAt === null && dayProgress(day).phase === 'open';
}

/** A machine's day in a few words. */
export function dayInWords(day: Day | undefined, now: Date): string {
  if (day === undefined || day.closedAt !== null) return 'not opened';
  const { phase, settled, total, stoppedBy } = dayProgress(day);
  if (stoppedBy !== null) return 'stopped';
  if (phase === 'startUp') return `${settled} of ${total} checked`;
  if (phase === 'shutDown') return `${settled} of ${total} shut`;
  return isSameDay(new Date(day.openedAt), now) ? `open ${shownMoment(day.openedAt, now)}` : 'open overnight';
}

/** All machines' days in a few words: the one machine's own, or how many of several are open. */
export function shopInWords(days: readonly Day[], machineIds: readonly string[], now: Date): string {
  const dayOf = (id: string) => days.find(({ machineId }) => machineId === id);
  const [only] = machineIds;
  if (only === undefined) return '';
  if (machineIds.length === 1) return dayInWords(dayOf(only), now);
  const words = machineIds.map((id) => dayInWords(dayOf(id), now));
  const stopped = words.filter((each) => each === 'stopped').length;
  if (stopped > 0) return `${stopped} stopped`;
  const open = machineIds.filter((id) => isReady(dayOf(id))).length;
  return `${open} of ${machineIds.length} open`;
}

/** Whether a day that is still open was probably forgotten. */
export function isForgotten(day: Day, now: Date): boolean {
  return day.closedAt === null && differenceInHours(now, new Date(day.openedAt)) >= longDayHours;
}
