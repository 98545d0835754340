import type { CouponPage, Machine } from '@lone-heron/contract';
import type { ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { useEffect, useMemo, useState } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import type { Behind } from '../dialOutcome.js';

const fetchBehind = async () => {
  const [{ learnFrom }, { handMath }, { askNewestCoupons, selectNewestCoupons }] = await Promise.all([
    import('../../shared/evidence/learnFrom.js'),
    import('../handMath.js'),
    import('./newestCoupons.js'),
  ]);
  return { learnFrom, handMath, askNewestCoupons, selectNewestCoupons };
};
type Fetched = Awaited<ReturnType<typeof fetchBehind>>;

/** What comes behind the page: what the coupons say, and what the core does for held knobs and other ways. */
export function useBehind(machines: readonly Machine[]): Behind {
  const [fetched, setFetched] = useState<Fetched | null>(null);
  useEffect(() => {
    void fetchBehind().then(setFetched);
  }, []);
  const data = useNewestCoupons(fetched);
  return useMemo(
    () => ({
      math: fetched?.handMath ?? null,
      learn: data === undefined || fetched === null ? null : fetched.learnFrom(data.coupons, machines),
    }),
    [data, fetched, machines],
  );
}

function useNewestCoupons(fetched: Fetched | null): CouponPage | undefined {
  const dispatch = useDispatch<ThunkDispatch<unknown, unknown, UnknownAction>>();
  useEffect(() => {
    if (fetched === null) return undefined;
    return fetched.askNewestCoupons(dispatch);
  }, [fetched, dispatch]);
  return useSelector((state: Parameters<Fetched['selectNewestCoupons']>[0]) =>
    fetched === null ? undefined : fetched.selectNewestCoupons(state).data,
  );
}
