import { clearanceSchema, type Clearance, type ClearanceDraft } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Writing of clearances; Ready reads them too, by what is shared. */
const clearancesApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
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

export const { useClearMutation, useSetClearanceWithdrawnMutation } = clearancesApi;
