import type { Machine, RelevantCoupons } from '@lone-heron/contract';
import type { Practice } from '@lone-heron/core';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useEffect, useMemo, useState } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import type { Behind } from '../dialOutcome.js';
import type { Said } from '../../shared/saidJoint/readSentence.js';

const fetchBehind = async () => {
  const [{ learnFrom }, { handMath }, { askRelevant, selectRelevant }] = await Promise.all([
    import('../../shared/evidence/learnFrom.js'),
    import('../handMath.js'),
    import('./relevantCoupons.js'),
  ]);
  return { learnFrom, handMath, askRelevant, selectRelevant };
};
type Fetched = Awaited<ReturnType<typeof fetchBehind>>;

/**
 * What comes behind the page: what the coupons that speak to this joint say, and what the core does for held knobs and
 * other ways. Settled once both are there for what is said.
 */
export function useBehind(
  machines: readonly Machine[],
  said: Said | null,
  { otherWorkshops }: Pick<Practice, 'otherWorkshops'>,
): Behind & { readonly isSettled: boolean } {
  const [fetched, setFetched] = useState<Fetched | null>(null);
  useEffect(() => {
    void fetchBehind().then(setFetched);
  }, []);
  const { data, isOfThis } = useRelevant(fetched, said);
  return useMemo(
    () => ({
      isSettled: isOfThis,
      math: fetched?.handMath ?? null,
      learn:
        data === undefined || fetched === null
          ? null
          : fetched.learnFrom(data.coupons, machines, { otherWorkshops }),
    }),
    [data, isOfThis, fetched, machines, otherWorkshops],
  );
}

/** The coupons that speak to what is said; those of what was said before it until they have come. */
function useRelevant(
  fetched: Fetched | null,
  said: Said | null,
): { readonly data: RelevantCoupons | undefined; readonly isOfThis: boolean } {
  const dispatch = useDispatch<ThunkDispatch<unknown, unknown, UnknownAction>>();
  const joint = said?.joint;
  const machineId = said?.machine.id;
  useEffect(() => {
    if (fetched === null || joint === undefined || machineId === undefined) return undefined;
    return fetched.askRelevant(dispatch, joint, machineId);
  }, [fetched, dispatch, joint, machineId]);
  const here = useSelector((state: Parameters<Fetched['selectRelevant']>[0]) =>
    fetched === null || joint === undefined || machineId === undefined
      ? undefined
      : fetched.selectRelevant(state, joint, machineId),
  );
  const [last, setLast] = useState(here);
  if (here !== undefined && here !== last) setLast(here);
  return { data: here ?? last, isOfThis: here !== undefined };
}
