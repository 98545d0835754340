import {
  trialLadderSchema,
  trialSchema,
  type Trial,
  type TrialDraft,
  type TrialLadder,
  type TrialLadderDraft,
} from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Strips, pieces and pulses, and ladders of them. They wear glass and teach as coupons do, and are told with them. */
const trialsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    trials: build.query<Trial[], undefined>({
      query: () => 'trials',
      responseSchema: trialSchema.array(),
      providesTags: ['Coupon'],
    }),
    logTrial: build.mutation<Trial, { id: string; draft: TrialDraft }>({
      query: ({ id, draft }) => ({ url: `trials/${id}`, method: 'PUT', body: draft }),
      responseSchema: trialSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
    setTrialWithdrawn: build.mutation<Trial, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `trials/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: trialSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
    trialLadders: build.query<TrialLadder[], undefined>({
      query: () => 'trial-ladders',
      responseSchema: trialLadderSchema.array(),
      providesTags: ['Ladder'],
    }),
    makeTrialLadder: build.mutation<TrialLadder, { id: string; draft: TrialLadderDraft }>({
      query: ({ id, draft }) => ({ url: `trial-ladders/${id}`, method: 'PUT', body: draft }),
      responseSchema: trialLadderSchema,
      invalidatesTags: ['Ladder', 'Change'],
    }),
    setTrialLadderClosed: build.mutation<TrialLadder, { id: string; isClosed: boolean }>({
      query: ({ id, isClosed }) => ({
        url: `trial-ladders/${id}/closing`,
        method: isClosed ? 'PUT' : 'DELETE',
      }),
      responseSchema: trialLadderSchema,
      invalidatesTags: ['Ladder', 'Change'],
    }),
  }),
});

export const {
  useTrialsQuery,
  useLogTrialMutation,
  useSetTrialWithdrawnMutation,
  useTrialLaddersQuery,
  useMakeTrialLadderMutation,
  useSetTrialLadderClosedMutation,
} = trialsApi;
