import {
  glassWeightsSchema,
  protectiveWindowSchema,
  windowHistorySchema,
  type GlassWeights,
  type ProtectiveWindow,
  type WindowChange,
  type WindowHistory,
  type WindowHistoryQuery,
} from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** Protective windows: changing one, taking the change back, those that came out, and what wears them. */
const windowsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    changeWindow: build.mutation<ProtectiveWindow, { id: string; change: WindowChange }>({
      query: ({ id, change }) => ({ url: `windows/${id}`, method: 'PUT', body: change }),
      responseSchema: protectiveWindowSchema,
      invalidatesTags: ['Window', 'Stock', 'Upkeep'],
    }),
    undoWindowChange: build.mutation<null, string>({
      query: (id) => ({ url: `windows/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Window', 'Stock', 'Upkeep'],
    }),
    windowHistory: build.query<WindowHistory, WindowHistoryQuery>({
      query: (params) => ({ url: 'windows/history', params }),
      responseSchema: windowHistorySchema,
      providesTags: ['Window'],
    }),
    glassWeights: build.query<GlassWeights, undefined>({
      query: () => 'windows/weights',
      responseSchema: glassWeightsSchema,
      providesTags: ['Window', 'Light'],
    }),
  }),
});

export const {
  useChangeWindowMutation,
  useUndoWindowChangeMutation,
  useWindowHistoryQuery,
  useGlassWeightsQuery,
} = windowsApi;
