import { modeCardSchema, type ModeCard, type ModeCardDraft } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Cards of cleaning, cutting and pulses. */
const modeCardsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    modeCards: build.query<ModeCard[], undefined>({
      query: () => 'mode-cards',
      responseSchema: modeCardSchema.array(),
      providesTags: ['Card'],
    }),
    writeModeCard: build.mutation<ModeCard, { id: string; version: number; draft: ModeCardDraft }>({
      query: ({ id, version, draft }) => ({
        url: `mode-cards/${id}/versions/${version}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: modeCardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
    setModeCardRetired: build.mutation<ModeCard, { id: string; isRetired: boolean }>({
      query: ({ id, isRetired }) => ({
        url: `mode-cards/${id}/retirement`,
        method: isRetired ? 'PUT' : 'DELETE',
      }),
      responseSchema: modeCardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
  }),
});

export const { useModeCardsQuery, useWriteModeCardMutation, useSetModeCardRetiredMutation } = modeCardsApi;
