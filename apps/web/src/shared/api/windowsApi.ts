import { protectiveWindowSchema, type ProtectiveWindow } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** The windows that are fitted now. Comes behind the first screen, which has no schema of them. */
const windowsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    windows: build.query<ProtectiveWindow[], undefined>({
      query: () => 'windows',
      responseSchema: protectiveWindowSchema.array(),
      providesTags: ['Window'],
    }),
  }),
});

export const { useWindowsQuery } = windowsApi;
