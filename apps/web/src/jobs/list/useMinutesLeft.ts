import type { JobLine } from '@lone-heron/contract';
import { useEffect, useMemo, useState } from 'react';
import { useLazyJobQuery } from '../../shared/api/jobsApi.js';
import { askWorker } from '../../shared/worker/askWorker.js';
import type { PlanTask } from '../plan/planJob.js';
import type { PlanAnswer } from '../plan/planWorker.js';
import { usePlanGoods } from '../plan/useJobPlan.js';

/** Jobs that are worked out for the board at most. */
const mostPlanned = 30;

/** Minutes that each open job has left by the learned times, worked out one after the other beside the screen. */
export function useMinutesLeft(jobs: readonly JobLine[]): ReadonlyMap<string, number> {
  const open = jobs
    .filter(({ state, withdrawnAt, seams }) => state !== 'done' && withdrawnAt === null && seams > 0)
    .slice(0, mostPlanned);
  const whole = useWholeMinutes(open.map(({ id, revision }) => `${id} ${revision}`).join(','));
  return useMemo(
    () =>
      new Map(
        jobs.flatMap(({ id, settled, seams }) => {
          const minutes = whole.get(id);
          return minutes === undefined ? [] : [[id, minutes * (1 - settled / seams)] as const];
        }),
      ),
    [jobs, whole],
  );
}

/** Minutes of whole jobs. @param ids "id revision" of each, so that a job that was planned anew is worked out anew */
function useWholeMinutes(ids: string): ReadonlyMap<string, number> {
  const goods = usePlanGoods();
  const [read] = useLazyJobQuery();
  const [minutes, setMinutes] = useState<ReadonlyMap<string, number>>(nothingYet);
  useEffect(() => {
    if (goods === null || ids === '') return undefined;
    const under = { isOver: false, stop: () => {} };
    // Asked anew each time: it changes while something is waited for.
    const isOver = () => under.isOver;
    const plan = async (id: string) => {
      const { data: job } = await read(id, true);
      const machine = goods.machines.find((one) => one.id === job?.draft.machineId);
      if (isOver() || job === undefined || machine === undefined) return;
      const worker = new Worker(new URL('../plan/planWorker.ts', import.meta.url), { type: 'module' });
      const task: PlanTask = { ...goods, job: job.draft, machine, kept: [], partsPerMonth: 20 };
      const running = askWorker<PlanAnswer>(worker, task);
      under.stop = running.cancel;
      const answer = await running.answer;
      if (isOver() || !('plan' in answer)) return;
      setMinutes((before) => new Map([...before, [id, answer.plan.takes.batch.time.middle]]));
    };
    const planAll = async () => {
      for (const each of ids.split(',')) await plan(each.split(' ')[0] ?? '');
    };
    void planAll();
    return () => {
      under.isOver = true;
      under.stop();
    };
  }, [ids, goods, read]);
  return minutes;
}

const nothingYet: ReadonlyMap<string, number> = new Map();
