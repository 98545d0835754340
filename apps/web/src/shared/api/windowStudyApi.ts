import { windowStudySchema, type WindowStudy, type WindowStudyQuery } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** What the lives of windows tell: Optics shows it, Jobs asks whether the one that is in will last. */
const windowStudyApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    windowStudy: build.query<WindowStudy, WindowStudyQuery>({
      query: (params) => ({ url: 'windows/study', params }),
      responseSchema: windowStudySchema,
      providesTags: ['Window', 'Light'],
    }),
  }),
});

export const { useWindowStudyQuery } = windowStudyApi;
