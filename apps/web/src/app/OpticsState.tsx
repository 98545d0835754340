import { useUpkeepQuery } from '../shared/api/upkeepApi.js';
import { isDue, standingTasks } from '../shared/upkeep/upkeepDue.js';

/** How much upkeep is due, for the waterline. */
export default function OpticsState({ window }: { window: string }) {
  const { data } = useUpkeepQuery(undefined);
  const due = data === undefined ? 0 : standingTasks(data, new Date()).filter(isDue).length;
  return due === 0 ? window : `${window}${window === '' ? '' : ', '}${due} due`;
}
