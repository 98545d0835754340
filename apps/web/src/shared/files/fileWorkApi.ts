import { fileProgressSchema, type FileProgress } from '@lone-heron/contract';
import { heronApi } from '../api/heronApi.js';

const fileWorkApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    fileProgress: build.query<FileProgress, string>({
      query: (work) => `file-work/${work}`,
      responseSchema: fileProgressSchema,
      keepUnusedDataFor: 0,
    }),
  }),
});

export const { useFileProgressQuery } = fileWorkApi;
