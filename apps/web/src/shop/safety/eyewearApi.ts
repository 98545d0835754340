import { eyewearSchema, type Eyewear, type EyewearDraft } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

const eyewearApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    eyewear: build.query<Eyewear[], undefined>({
      query: () => 'eyewear',
      responseSchema: eyewearSchema.array(),
      providesTags: ['Record'],
    }),
    saveEyewear: build.mutation<Eyewear, { id: string; draft: EyewearDraft }>({
      query: ({ id, draft }) => ({ url: `eyewear/${id}`, method: 'PUT', body: draft }),
      responseSchema: eyewearSchema,
      invalidatesTags: ['Record', 'Change'],
    }),
  }),
});

export const { useEyewearQuery, useSaveEyewearMutation } = eyewearApi;
