import { couponTintSchema, type CouponTint, type TintQuery } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Colours read off photographed faces: they come with the heat, behind the first screen. */
const tintApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    tints: build.query<CouponTint[], TintQuery>({
      query: (params) => ({ url: 'tints', params }),
      responseSchema: couponTintSchema.array(),
      providesTags: ['Test', 'Coupon'],
    }),
  }),
});

export const { useTintsQuery } = tintApi;
