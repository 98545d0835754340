import type { UpkeepState, UpkeepTask } from '@lone-heron/contract';
import { figure } from '../figures/figures.js';

/** How a task stands, in a word or two. */
export const upkeepStateWords: Readonly<Record<UpkeepState, string>> = {
  missed: 'missed',
  due: 'due',
  soon: 'soon',
  fine: 'not yet',
  never: 'never written down',
  condition: 'when it looks so',
};

/** How often, in words. */
export function intervalInWords({ interval }: Pick<UpkeepTask, 'interval'>): string {
  switch (interval.by) {
    case 'date':
      return `every ${figure(interval.days, 0)} days`;
    case 'lightHours':
      return `every ${figure(interval.hours, 1)} h of light`;
    case 'count':
      return `every ${figure(interval.count, 0)} days the machine runs`;
    case 'condition':
      return 'when it looks so';
  }
}
