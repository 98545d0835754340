import { shopRecordSchema, type ShopRecord, type ShopRecordDraft } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Scrap tests, upkeep of the supply and safety tests of a machine. */
const recordsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    recordsOf: build.query<ShopRecord[], string>({
      query: (machineId) => `machines/${machineId}/records`,
      responseSchema: shopRecordSchema.array(),
      providesTags: ['Record'],
    }),
    writeRecord: build.mutation<ShopRecord, { id: string; draft: ShopRecordDraft }>({
      query: ({ id, draft }) => ({ url: `records/${id}`, method: 'PUT', body: draft }),
      responseSchema: shopRecordSchema,
      invalidatesTags: ['Record', 'Upkeep', 'Window'],
    }),
    setRecordWithdrawn: build.mutation<ShopRecord, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `records/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: shopRecordSchema,
      invalidatesTags: ['Record', 'Upkeep', 'Window'],
    }),
  }),
});

export const { useRecordsOfQuery, useWriteRecordMutation, useSetRecordWithdrawnMutation } = recordsApi;
