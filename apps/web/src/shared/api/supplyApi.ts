import { bottleSchema, type Bottle, type BottleDraft } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** The shop's gas bottles: Ready judges by them, Shop keeps them. */
const supplyApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    bottles: build.query<Bottle[], undefined>({
      query: () => 'bottles',
      responseSchema: bottleSchema.array(),
      providesTags: ['Record'],
    }),
    saveBottle: build.mutation<Bottle, { id: string; draft: BottleDraft }>({
      query: ({ id, draft }) => ({ url: `bottles/${id}`, method: 'PUT', body: draft }),
      responseSchema: bottleSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
    setBottleGone: build.mutation<Bottle, { id: string; isGone: boolean }>({
      query: ({ id, isGone }) => ({ url: `bottles/${id}/gone`, method: isGone ? 'PUT' : 'DELETE' }),
      responseSchema: bottleSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
  }),
});

export const { useBottlesQuery, useSaveBottleMutation, useSetBottleGoneMutation } = supplyApi;
