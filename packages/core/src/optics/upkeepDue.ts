import { requireWithin } from '../fault/index.js';

/** When something is to be done again. */
export type UpkeepInterval =
  | { readonly by: 'date'; readonly days: number }
  | { readonly by: 'lightHours'; readonly hours: number }
  | { readonly by: 'count'; readonly count: number }
  /** When it looks so; it is never due by itself. */
  | { readonly by: 'condition' };

/** What has run since it was done last, and how fast it runs of late. */
export interface UpkeepMeters {
  readonly daysSince: number;
  readonly lightHoursSince: number;
  readonly countSince: number;
  /** Over the last weeks; 0 where the machine stood. */
  readonly lightHoursPerDay: number;
  readonly countPerDay: number;
}

/** How far something is on its way to being due. */
export interface UpkeepDue {
  /** Share of the interval that has run: 1 is due now. Not a number for a condition. */
  readonly share: number;
  /** Days until it is due as things go, below 0 where it was; null where nothing says when. */
  readonly days: number | null;
}

/**
 * How far an upkeep is on its way, and in how many days it is due as things go.
 *
 * @throws RangeFault for an interval that is not above 0
 * @example
 * upkeepDue({ by: 'lightHours', hours: 20 }, { daysSince: 30, lightHoursSince: 15, countSince: 0, lightHoursPerDay: 0.5, countPerDay: 0 }) // => { share: 0.75, days: 10 }
 */
export function upkeepDue(interval: UpkeepInterval, meters: UpkeepMeters): UpkeepDue {
  switch (interval.by) {
    case 'date':
      return dueAfter(interval.days, meters.daysSince, 1, 'days');
    case 'lightHours':
      return dueAfter(interval.hours, meters.lightHoursSince, meters.lightHoursPerDay, 'light-on hours');
    case 'count':
      return dueAfter(interval.count, meters.countSince, meters.countPerDay, 'times');
    case 'condition':
      return { share: Number.NaN, days: null };
  }
}

function dueAfter(wanted: number, since: number, perDay: number, quantity: string): UpkeepDue {
  requireWithin(wanted, { quantity, min: Number.MIN_VALUE, max: Number.MAX_VALUE, unit: '' });
  const left = wanted - since;
  return { share: since / wanted, days: left <= 0 || perDay > 0 ? left / (perDay || 1) : null };
}
