import {
  couponPageSchema,
  couponSchema,
  machineRevisionSchema,
  machineSchema,
  personSchema,
  protectiveWindowSchema,
  type Coupon,
  type CouponDraft,
  type CouponPage,
  type Machine,
  type MachineRevision,
  type MachineRevisionDraft,
  type Person,
  type ProtectiveWindow,
  type WindowChange,
} from '@lone-heron/contract';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** What can be asked of the list of coupons. */
export interface CouponFilter {
  machineId?: string;
  metal?: string;
  limit?: number;
  before?: number;
}

/** The server's data. Answers are checked against the contract. */
export const heronApi = createApi({
  reducerPath: 'heronApi',
  baseQuery: fetchBaseQuery({ baseUrl: new URL('/api/', window.location.href).href, timeout: 10_000 }),
  tagTypes: ['Coupon', 'Machine', 'Window'],
  refetchOnFocus: true,
  refetchOnReconnect: true,
  endpoints: (build) => ({
    machines: build.query<Machine[], undefined>({
      query: () => 'machines',
      responseSchema: machineSchema.array(),
      providesTags: ['Machine'],
    }),
    machineHistory: build.query<MachineRevision[], string>({
      query: (id) => `machines/${id}/revisions`,
      responseSchema: machineRevisionSchema.array(),
      providesTags: ['Machine'],
    }),
    reviseMachine: build.mutation<Machine, { id: string; revision: number; draft: MachineRevisionDraft }>({
      query: ({ id, revision, draft }) => ({
        url: `machines/${id}/revisions/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: machineSchema,
      invalidatesTags: ['Machine'],
    }),
    people: build.query<Person[], undefined>({ query: () => 'people', responseSchema: personSchema.array() }),
    coupons: build.query<CouponPage, CouponFilter>({
      query: (params) => ({ url: 'coupons', params: { ...params } }),
      responseSchema: couponPageSchema,
      providesTags: ['Coupon'],
    }),
    windows: build.query<ProtectiveWindow[], undefined>({
      query: () => 'windows',
      responseSchema: protectiveWindowSchema.array(),
      providesTags: ['Window'],
    }),
    logCoupon: build.mutation<Coupon, { id: string; draft: CouponDraft }>({
      query: ({ id, draft }) => ({ url: `coupons/${id}`, method: 'PUT', body: draft }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window'],
    }),
    withdrawCoupon: build.mutation<Coupon, string>({
      query: (id) => ({ url: `coupons/${id}/withdrawal`, method: 'PUT' }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window'],
    }),
    restoreCoupon: build.mutation<Coupon, string>({
      query: (id) => ({ url: `coupons/${id}/withdrawal`, method: 'DELETE' }),
      responseSchema: couponSchema,
      invalidatesTags: ['Coupon', 'Window'],
    }),
    changeWindow: build.mutation<ProtectiveWindow, { id: string; change: WindowChange }>({
      query: ({ id, change }) => ({ url: `windows/${id}`, method: 'PUT', body: change }),
      responseSchema: protectiveWindowSchema,
      invalidatesTags: ['Window'],
    }),
    undoWindowChange: build.mutation<null, string>({
      query: (id) => ({ url: `windows/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Window'],
    }),
  }),
});

export const {
  useMachinesQuery,
  useMachineHistoryQuery,
  useReviseMachineMutation,
  usePeopleQuery,
  useCouponsQuery,
  useWindowsQuery,
  useLogCouponMutation,
  useWithdrawCouponMutation,
  useRestoreCouponMutation,
  useChangeWindowMutation,
  useUndoWindowChangeMutation,
} = heronApi;
