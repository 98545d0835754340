import { useWindowsQuery } from '../shared/api/windowsApi.js';
import { useUpkeepQuery } from '../shared/api/upkeepApi.js';
import { isDue, standingTasks } from '../shared/upkeep/upkeepDue.js';
import { useNow } from '../shared/clock/useNow.js';

/** The window of a machine that is fitted, and how much upkeep is due, for the waterline. */
export default function OpticsState({ machineId }: { machineId: string | undefined }) {
  const now = useNow();
  const { data: windows } = useWindowsQuery(undefined);
  const fitted = windows?.find((each) => each.machineId === machineId);
  const window = fitted === undefined ? '' : `window ${fitted.number}`;
  const { data } = useUpkeepQuery(undefined);
  const due = data === undefined ? 0 : standingTasks(data, now).filter(isDue).length;
  return due === 0 ? window : `${window}${window === '' ? '' : ', '}${due} due`;
}
