import {
  couponEntrySchema,
  couponSchema,
  couponTestSchema,
  type Coupon,
  type CouponAmendment,
  type CouponEntry,
  type CouponTest,
  type CouponTestDraft,
} from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** One coupon with what is kept of it, and its tests. */
const inspectionApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    coupon: build.query<Coupon, string>({
      query: (id) => `coupons/${id}`,
      responseSchema: couponSchema,
      providesTags: ['Coupon'],
    }),
    couponEntries: build.query<CouponEntry[], string>({
      query: (id) => `coupons/${id}/entries`,
      responseSchema: couponEntrySchema.array(),
      providesTags: ['Coupon'],
    }),
    amendCoupon: build.mutation<Coupon, { id: string; revision: number; amendment: CouponAmendment }>({
      query: ({ id, revision, amendment }) => ({
        url: `coupons/${id}/revisions/${revision}`,
        method: 'PUT',
        body: amendment,
      }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
    tests: build.query<CouponTest[], string>({
      query: (couponId) => `coupons/${couponId}/tests`,
      responseSchema: couponTestSchema.array(),
      providesTags: ['Test'],
    }),
    writeTest: build.mutation<CouponTest, { id: string; couponId: string; draft: CouponTestDraft }>({
      query: ({ id, couponId, draft }) => ({
        url: `coupons/${couponId}/tests/${id}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: couponTestSchema,
      invalidatesTags: ['Test', 'Coupon'],
    }),
    withdrawTest: build.mutation<CouponTest, string>({
      query: (id) => ({ url: `tests/${id}/withdrawal`, method: 'PUT' }),
      responseSchema: couponTestSchema,
      invalidatesTags: ['Test', 'Coupon', 'Change'],
    }),
    restoreTest: build.mutation<CouponTest, string>({
      query: (id) => ({ url: `tests/${id}/withdrawal`, method: 'DELETE' }),
      responseSchema: couponTestSchema,
      invalidatesTags: ['Test', 'Coupon', 'Change'],
    }),
  }),
});

export const {
  useCouponQuery,
  useCouponEntriesQuery,
  useAmendCouponMutation,
  useTestsQuery,
  useWriteTestMutation,
  useWithdrawTestMutation,
  useRestoreTestMutation,
} = inspectionApi;
