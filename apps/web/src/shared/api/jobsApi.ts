import {
  jobLineSchema,
  jobSchema,
  shopPhotoSchema,
  type Job,
  type JobDraft,
  type JobLine,
  type JobState,
  type ShopPhoto,
} from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

const jobsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    jobs: build.query<JobLine[], undefined>({
      query: () => 'jobs',
      responseSchema: jobLineSchema.array(),
      providesTags: ['Job'],
    }),
    job: build.query<Job, string>({
      query: (id) => `jobs/${id}`,
      responseSchema: jobSchema,
      providesTags: ['Job'],
    }),
    jobPhotos: build.query<ShopPhoto[], string>({
      query: (id) => `jobs/${id}/photos`,
      responseSchema: shopPhotoSchema.array(),
      providesTags: ['Job', 'Photo'],
    }),
    writeJob: build.mutation<Job, { id: string; revision: number; draft: JobDraft }>({
      query: ({ id, revision, draft }) => ({
        url: `jobs/${id}/revisions/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: jobSchema,
      invalidatesTags: ['Job', 'Change'],
    }),
    setJobState: build.mutation<Job, { id: string; state: JobState }>({
      query: ({ id, state }) => ({ url: `jobs/${id}/state`, method: 'PUT', body: { state } }),
      responseSchema: jobSchema,
      invalidatesTags: ['Job', 'Change'],
    }),
    setJobWithdrawn: build.mutation<Job, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `jobs/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: jobSchema,
      invalidatesTags: ['Job', 'Change'],
    }),
  }),
});

export const {
  useJobsQuery,
  useJobQuery,
  useJobPhotosQuery,
  useLazyJobQuery,
  useWriteJobMutation,
  useSetJobStateMutation,
  useSetJobWithdrawnMutation,
} = jobsApi;
