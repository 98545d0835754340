import { useLatestDaysQuery } from '../shared/api/daysApi.js';
import { dayInWords } from '../shared/readiness/dayWords.js';

/** Where a machine's day stands, for the waterline. */
export default function ReadyState({ machineId }: { machineId: string }) {
  const { data: days } = useLatestDaysQuery(undefined);
  if (days === undefined) return null;
  return dayInWords(
    days.find((day) => day.machineId === machineId),
    new Date(),
  );
}
