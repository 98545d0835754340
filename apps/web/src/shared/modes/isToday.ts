import { isSameDay } from 'date-fns';
import { shopNow } from '../clock/shopClock.js';

/** Whether a moment lies in the day that the shop's clock has. */
export function isToday(moment: string): boolean {
  return isSameDay(new Date(moment), shopNow());
}
