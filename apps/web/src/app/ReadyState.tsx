import { useLatestDaysQuery } from '../shared/api/daysApi.js';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { shopInWords } from '../shared/readiness/dayWords.js';
import { inUse } from '../shared/machines/inUse.js';
import { useNow } from '../shared/clock/useNow.js';

/** Where the machines' days stand, for the waterline. */
export default function ReadyState() {
  const now = useNow();
  const { data: days } = useLatestDaysQuery(undefined);
  const { data: machines = [] } = useMachinesQuery(undefined);
  if (days === undefined) return null;
  return shopInWords(
    days,
    inUse(machines).map(({ id }) => id),
    now,
  );
}
