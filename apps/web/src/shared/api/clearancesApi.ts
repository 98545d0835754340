import { clearanceSchema, type Clearance } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Who is cleared for what: Ready says so, Shop keeps it. */
const clearancesApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    clearances: build.query<Clearance[], undefined>({
      query: () => 'clearances',
      responseSchema: clearanceSchema.array(),
      providesTags: ['Record'],
    }),
  }),
});

export const { useClearancesQuery } = clearancesApi;
