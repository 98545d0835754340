import {
  clearanceSchema,
  eyewearSchema,
  type Clearance,
  type ClearanceDraft,
  type Eyewear,
  type EyewearDraft,
} from '@lone-heron/contract';
import { heronApi } from '../shared/api/heronApi.js';

/** Eyewear and training, which Shop keeps. */
const shopApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    eyewear: build.query<Eyewear[], undefined>({
      query: () => 'eyewear',
      responseSchema: eyewearSchema.array(),
      providesTags: ['Record'],
    }),
    saveEyewear: build.mutation<Eyewear, { id: string; draft: EyewearDraft }>({
      query: ({ id, draft }) => ({ url: `eyewear/${id}`, method: 'PUT', body: draft }),
      responseSchema: eyewearSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
    clear: build.mutation<Clearance, { id: string; draft: ClearanceDraft }>({
      query: ({ id, draft }) => ({ url: `clearances/${id}`, method: 'PUT', body: draft }),
      responseSchema: clearanceSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
    setClearanceWithdrawn: build.mutation<Clearance, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `clearances/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: clearanceSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
  }),
});

export const { useEyewearQuery, useSaveEyewearMutation, useClearMutation, useSetClearanceWithdrawnMutation } =
  shopApi;
