import { lightEntrySchema, type LightDraft, type LightEntry } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Welding besides coupons. */
const lightApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    light: build.query<LightEntry[], string>({
      query: (machineId) => `machines/${machineId}/light`,
      responseSchema: lightEntrySchema.array(),
      providesTags: ['Light'],
    }),
    writeLight: build.mutation<LightEntry, { id: string; draft: LightDraft }>({
      query: ({ id, draft }) => ({ url: `light/${id}`, method: 'PUT', body: draft }),
      responseSchema: lightEntrySchema,
      invalidatesTags: ['Light', 'Window', 'Upkeep'],
    }),
    setLightWithdrawn: build.mutation<LightEntry, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `light/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: lightEntrySchema,
      invalidatesTags: ['Light', 'Window', 'Upkeep'],
    }),
  }),
});

export const { useLightQuery, useWriteLightMutation, useSetLightWithdrawnMutation } = lightApi;
