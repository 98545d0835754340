import type { JobDraft } from '@lone-heron/contract';
import { useEffect, useMemo, useState } from 'react';
import { useCardsQuery } from '../../shared/api/cardsApi.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useRunTimesQuery } from '../../shared/api/weldRunsApi.js';
import { evidenceQuery } from '../../shared/evidence/evidenceQuery.js';
import { askWorker } from '../../shared/worker/askWorker.js';
import type { JobPlan, PlanTask } from './planJob.js';
import type { PlanAnswer } from './planWorker.js';

/** A job worked out, as far as it is. */
export interface ShownPlan {
  /** The newest there is: of the job as it stood before, while it is worked out anew. */
  readonly plan: JobPlan | null;
  readonly isUnderWay: boolean;
  /** Why it cannot be worked out; null where it can. */
  readonly fault: string | null;
}

/** Works a job out beside the screen, anew whenever what it goes by changes. */
export function useJobPlan(
  job: JobDraft | null,
  kept: readonly string[] = noneKept,
  partsPerMonth = 20,
): ShownPlan {
  const task = usePlanTask(job, kept, partsPerMonth);
  const [shown, setShown] = useState<Answered>({ plan: null, task: null, fault: null });
  useEffect(() => {
    if (task === null) return undefined;
    let isOld = false;
    const worker = new Worker(new URL('./planWorker.ts', import.meta.url), { type: 'module' });
    const running = askWorker<PlanAnswer>(worker, task);
    void running.answer.then((answer) => {
      if (isOld) return;
      setShown(({ plan }) =>
        'fault' in answer ? { plan, task, fault: answer.fault } : { plan: answer.plan, task, fault: null },
      );
    });
    return () => {
      isOld = true;
      running.cancel();
    };
  }, [task]);
  const isUnderWay = shown.task !== task || task === null;
  return { plan: shown.plan, isUnderWay, fault: isUnderWay ? null : shown.fault };
}

/** What was worked out last, and of what. */
interface Answered {
  readonly plan: JobPlan | null;
  readonly task: PlanTask | null;
  readonly fault: string | null;
}

const noneKept: readonly string[] = [];

/** Null until everything has come that it goes by. */
function usePlanTask(job: JobDraft | null, kept: readonly string[], partsPerMonth: number): PlanTask | null {
  const goods = usePlanGoods();
  return useMemo(() => {
    const machine = goods?.machines.find(({ id }) => id === job?.machineId);
    if (job === null || goods === null || machine === undefined) return null;
    return { ...goods, job, machine, kept, partsPerMonth };
  }, [job, goods, kept, partsPerMonth]);
}

/** What every job of the shop is worked out from; null until it has come. */
export function usePlanGoods(): Omit<PlanTask, 'job' | 'machine' | 'kept' | 'partsPerMonth'> | null {
  const { data: machines } = useMachinesQuery(undefined);
  const { data: sheets } = useHouseQuery(undefined);
  const { data: cards } = useCardsQuery(undefined);
  const { data: page } = useCouponsQuery(evidenceQuery);
  const { data: past } = useRunTimesQuery(undefined);
  return useMemo(() => {
    if (machines === undefined || sheets === undefined) return null;
    if (cards === undefined || page === undefined || past === undefined) return null;
    return { machines, house: houseContent(sheets), cards, coupons: page.coupons, past };
  }, [machines, sheets, cards, page, past]);
}
