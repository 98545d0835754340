import { headPartSchema, type HeadPart, type PartChange } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Parts of a head and its supplies besides the window. */
const headPartsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    parts: build.query<HeadPart[], string>({
      query: (machineId) => `machines/${machineId}/parts`,
      responseSchema: headPartSchema.array(),
      providesTags: ['Part', 'Light'],
    }),
    changePart: build.mutation<HeadPart, { id: string; change: PartChange }>({
      query: ({ id, change }) => ({ url: `parts/${id}`, method: 'PUT', body: change }),
      responseSchema: headPartSchema,
      invalidatesTags: ['Part', 'Stock'],
    }),
    undoPartChange: build.mutation<null, string>({
      query: (id) => ({ url: `parts/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Part', 'Stock'],
    }),
  }),
});

export const { usePartsQuery, useChangePartMutation, useUndoPartChangeMutation } = headPartsApi;
