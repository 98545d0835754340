import { weldCheckSchema, type WeldCheck, type WeldCheckDraft } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Looks and tests of welds of jobs. */
const weldChecksApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    writeCheck: build.mutation<WeldCheck, { id: string; draft: WeldCheckDraft }>({
      query: ({ id, draft }) => ({ url: `weld-checks/${id}`, method: 'PUT', body: draft }),
      responseSchema: weldCheckSchema,
      invalidatesTags: ['Job', 'Change'],
    }),
    setCheckWithdrawn: build.mutation<WeldCheck, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `weld-checks/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: weldCheckSchema,
      invalidatesTags: ['Job', 'Change'],
    }),
  }),
});

export const { useWriteCheckMutation, useSetCheckWithdrawnMutation } = weldChecksApi;
