import type { Machine } from '@lone-heron/contract';
import { useMemo } from 'react';
import { useLatestDaysQuery } from '../../shared/api/daysApi.js';
import { useWindowsQuery } from '../../shared/api/windowsApi.js';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { useLightQuery } from '../light/lightApi.js';
import { useWindowStudyQuery } from '../../shared/api/windowStudyApi.js';
import type { MachineKnowledge } from './knownAlready.js';

/** What the application has of a machine that may bear on a fault. */
export function useMachineKnowledge({ id }: Machine): MachineKnowledge {
  const { data: records } = useRecordsOfQuery(id);
  const { data: windows } = useWindowsQuery(undefined);
  const { data: study } = useWindowStudyQuery({ measure: 'worn' });
  const { data: days } = useLatestDaysQuery(undefined);
  const { data: bottles } = useBottlesQuery(undefined);
  const { data: light } = useLightQuery(id);
  return useMemo(
    () => ({
      records: records ?? [],
      window: windows?.find(({ machineId }) => machineId === id),
      study,
      day: days?.find(({ machineId }) => machineId === id),
      bottle: bottles?.find(({ machineId, goneAt }) => machineId === id && goneAt === null),
      light: light ?? [],
    }),
    [id, records, windows, study, days, bottles, light],
  );
}
