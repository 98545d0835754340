import { stockItemSchema, type StockDraft, type StockItem } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Spare parts in the drawer. */
const stockApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    stock: build.query<StockItem[], undefined>({
      query: () => 'stock',
      responseSchema: stockItemSchema.array(),
      providesTags: ['Stock'],
    }),
    saveStock: build.mutation<StockItem, { id: string; draft: StockDraft }>({
      query: ({ id, draft }) => ({ url: `stock/${id}`, method: 'PUT', body: draft }),
      responseSchema: stockItemSchema,
      invalidatesTags: ['Stock', 'Change'],
    }),
    setStockRemoved: build.mutation<StockItem, { id: string; isRemoved: boolean }>({
      query: ({ id, isRemoved }) => ({ url: `stock/${id}/removal`, method: isRemoved ? 'PUT' : 'DELETE' }),
      responseSchema: stockItemSchema,
      invalidatesTags: ['Stock', 'Change'],
    }),
  }),
});

export const { useStockQuery, useSaveStockMutation, useSetStockRemovedMutation } = stockApi;
