import type { Coupon, CouponQuery } from '@lone-heron/contract';
import { skipToken } from '@reduxjs/toolkit/query';
import { useMemo } from 'react';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';

/** Coupons that are fetched at once. */
const pageLength = 100;

/** The stretch of the list that is on the screen, by index. */
export interface Shown {
  readonly first: number;
  readonly last: number;
}

/** The coupons of the pages that the screen reaches into; those of others are not held. */
export function useCouponRows(query: Partial<CouponQuery>, { first, last }: Shown) {
  const upper = Math.floor(first / pageLength);
  const lower = Math.floor(last / pageLength);
  const page = (index: number) => ({ ...query, offset: index * pageLength, limit: pageLength });
  const one = useCouponsQuery(page(upper));
  const other = useCouponsQuery(lower === upper ? skipToken : page(lower));
  const rows = useMemo(() => {
    const byIndex = new Map<number, Coupon>();
    for (const answer of [one.data, lower === upper ? undefined : other.data]) {
      answer?.coupons.forEach((coupon, i) => byIndex.set(answer.offset + i, coupon));
    }
    return byIndex;
  }, [one.data, other.data, lower, upper]);
  return {
    rows,
    total: one.data?.total ?? other.data?.total,
    error: one.error ?? other.error,
    refetch: () => {
      void one.refetch();
      if (lower !== upper) void other.refetch();
    },
  };
}
