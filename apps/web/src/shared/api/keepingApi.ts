import { keepingSchema, type Keeping } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

const keepingApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    keeping: build.query<Keeping, undefined>({
      query: () => 'health/keeping',
      responseSchema: keepingSchema,
      providesTags: ['Backup'],
    }),
  }),
});

export const { useKeepingQuery } = keepingApi;
