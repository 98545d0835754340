import { protectiveWindowSchema, type ProtectiveWindow, type WindowChange } from '@lone-heron/contract';
import { heronApi } from '../shared/api/heronApi.js';

/** Changing a protective window, and taking the change back. */
const windowApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    changeWindow: build.mutation<ProtectiveWindow, { id: string; change: WindowChange }>({
      query: ({ id, change }) => ({ url: `windows/${id}`, method: 'PUT', body: change }),
      responseSchema: protectiveWindowSchema,
      invalidatesTags: ['Window'],
    }),
    undoWindowChange: build.mutation<null, string>({
      query: (id) => ({ url: `windows/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Window'],
    }),
  }),
});

export const { useChangeWindowMutation, useUndoWindowChangeMutation } = windowApi;
