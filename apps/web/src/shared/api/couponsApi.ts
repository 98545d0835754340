import {
  couponGroupsSchema,
  couponPageSchema,
  couponSchema,
  relevantAmong,
  relevantCouponsSchema,
  relevantQuerySchema,
  type Coupon,
  type CouponDraft,
  type CouponGroupQuery,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type RelevantAsked,
  type RelevantCoupons,
} from '@lone-heron/contract';
import { evidenceQuery } from '../evidence/evidenceQuery.js';
import { isAway } from '../outbox/isAway.js';
import { heronApi } from './heronApi.js';

/** Coupons: listed, gathered, logged and taken back. Comes behind the first screen, which has no schema of them. */
export const couponsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    coupons: build.query<CouponPage, Partial<CouponQuery>>({
      query: (params) => ({ url: 'coupons', params: { ...params } }),
      responseSchema: couponPageSchema,
      providesTags: ['Coupon'],
    }),
    relevantCoupons: build.query<RelevantCoupons, RelevantAsked>({
      queryFn: async (asked, _api, _extra, ask) => {
        const answer = await ask({ url: 'coupons/relevant', params: { ...asked } });
        if (answer.error === undefined || !isAway(answer.error)) return answer as { data: RelevantCoupons };
        // A joint that was never asked about while the server answered: the newest coupons are kept, and speak to it too.
        const kept = couponPageSchema.safeParse((await ask({ url: 'coupons', params: evidenceQuery })).data);
        if (!kept.success) return { error: answer.error };
        return { data: relevantAmong(kept.data.coupons, kept.data.total, relevantQuerySchema.parse(asked)) };
      },
      responseSchema: relevantCouponsSchema,
      providesTags: ['Coupon'],
    }),
    couponGroups: build.query<CouponGroups, CouponGroupQuery>({
      query: (params) => ({ url: 'coupons/groups', params }),
      responseSchema: couponGroupsSchema,
      providesTags: ['Coupon'],
    }),
    logCoupon: build.mutation<Coupon, { id: string; draft: CouponDraft }>({
      query: ({ id, draft }) => ({ url: `coupons/${id}`, method: 'PUT', body: draft }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
    withdrawCoupon: build.mutation<Coupon, string>({
      query: (id) => ({ url: `coupons/${id}/withdrawal`, method: 'PUT' }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
    restoreCoupon: build.mutation<Coupon, string>({
      query: (id) => ({ url: `coupons/${id}/withdrawal`, method: 'DELETE' }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
  }),
});

export const {
  useCouponsQuery,
  useCouponGroupsQuery,
  useRelevantCouponsQuery,
  useLogCouponMutation,
  useWithdrawCouponMutation,
  useRestoreCouponMutation,
} = couponsApi;
