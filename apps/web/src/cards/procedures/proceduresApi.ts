import {
  cardProcedureSchema,
  type CardProcedure,
  type ProcedureDraft,
  type Signature,
} from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

const proceduresApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    procedure: build.query<CardProcedure, string>({
      query: (cardId) => `cards/${cardId}/procedure`,
      responseSchema: cardProcedureSchema,
      // Its record of tests is what the coupons and their tests say.
      providesTags: ['Procedure', 'Card', 'Coupon', 'Test'],
    }),
    writeProcedure: build.mutation<
      CardProcedure,
      { cardId: string; revision: number; draft: ProcedureDraft }
    >({
      query: ({ cardId, revision, draft }) => ({
        url: `cards/${cardId}/procedure/revisions/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: cardProcedureSchema,
      invalidatesTags: ['Procedure', 'Change'],
    }),
    approveProcedure: build.mutation<CardProcedure, { cardId: string; revision: number } & Signature>({
      query: ({ cardId, revision, pin }) => ({
        url: `cards/${cardId}/procedure/revisions/${revision}/approval`,
        method: 'PUT',
        body: { pin },
      }),
      responseSchema: cardProcedureSchema,
      invalidatesTags: ['Procedure', 'Change'],
    }),
  }),
});

export const { useProcedureQuery, useWriteProcedureMutation, useApproveProcedureMutation } = proceduresApi;
