import { ladderSchema, type Ladder, type LadderDraft } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

const laddersApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    ladders: build.query<Ladder[], undefined>({
      query: () => 'ladders',
      responseSchema: ladderSchema.array(),
      providesTags: ['Ladder'],
    }),
    makeLadder: build.mutation<Ladder, { id: string; draft: LadderDraft }>({
      query: ({ id, draft }) => ({ url: `ladders/${id}`, method: 'PUT', body: draft }),
      responseSchema: ladderSchema,
      invalidatesTags: ['Ladder'],
    }),
    closeLadder: build.mutation<Ladder, string>({
      query: (id) => ({ url: `ladders/${id}/closing`, method: 'PUT' }),
      responseSchema: ladderSchema,
      invalidatesTags: ['Ladder'],
    }),
    reopenLadder: build.mutation<Ladder, string>({
      query: (id) => ({ url: `ladders/${id}/closing`, method: 'DELETE' }),
      responseSchema: ladderSchema,
      invalidatesTags: ['Ladder'],
    }),
  }),
});

export const { useLaddersQuery, useMakeLadderMutation, useCloseLadderMutation, useReopenLadderMutation } =
  laddersApi;
