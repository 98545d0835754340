import { clearanceFor, type Job } from '@lone-heron/contract';
import { format } from 'date-fns';
import { useClearancesQuery } from '../../shared/api/clearancesApi.js';
import { useLatestDaysQuery } from '../../shared/api/daysApi.js';
import { useWindowsQuery } from '../../shared/api/windowsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { useWindowStudyQuery } from '../../shared/api/windowStudyApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { isReady } from '../../shared/readiness/dayWords.js';
import type { JobPlan } from './planJob.js';
import { missingStuff, type Missing } from './missingStuff.js';
import { useNow } from '../../shared/clock/useNow.js';

export type { Missing };

/** What is missing before a job's first light, as far as it is written down; null until it is known. */
export function useReadinessOf(job: Job, plan: JobPlan | null): readonly Missing[] | null {
  const now = useNow();
  const person = usePersonAtDesk();
  const { data: days } = useLatestDaysQuery(undefined);
  const { data: clearances } = useClearancesQuery(undefined);
  const { data: bottles } = useBottlesQuery(undefined);
  const { data: study } = useWindowStudyQuery({ measure: 'worn' });
  const { data: windows } = useWindowsQuery(undefined);
  const { data: sheets } = useHouseQuery(undefined);
  const { machineId } = job.draft;
  if (plan === null || days === undefined || clearances === undefined || bottles === undefined) return null;
  const day = days.find((each) => each.machineId === machineId);
  const today = format(now, 'yyyy-MM-dd');
  const mayWeld =
    person === null ||
    clearanceFor(clearances, { personId: person.id, machineId, mode: 'weld' }, today) !== null;
  return [
    ...(isReady(day) ? [] : [{ words: 'the machine is not opened today', to: '/ready', isStop: true }]),
    ...(mayWeld
      ? []
      : [{ words: `${person.name} is not cleared to weld on it`, to: '/shop/training', isStop: true }]),
    ...missingStuff({
      ...{ job, plan, machineId, bottles, windows: windows ?? null, study: study ?? null },
      house: houseContent(sheets),
    }),
  ];
}
