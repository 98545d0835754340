import {
  couponGroupsSchema,
  couponPageSchema,
  couponSchema,
  relevantCouponsSchema,
  type Coupon,
  type CouponDraft,
  type CouponGroupQuery,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type RelevantAsked,
  type RelevantCoupons,
} from '@lone-heron/contract';
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
      query: (params) => ({ url: 'coupons/relevant', params: { ...params } }),
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
