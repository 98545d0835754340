import {
  jobSchema,
  runTimeSchema,
  weldRunSchema,
  type Job,
  type RunTime,
  type WeldRun,
  type WeldRunDraft,
} from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** A seam of a job. */
interface SeamOfJob {
  readonly id: string;
  readonly mark: string;
  readonly seam: number;
}

const claimAddress = ({ id, mark, seam }: SeamOfJob) => `jobs/${id}/claims/${mark}/${seam}`;

/** Light of a go wears the glass, and counts for upkeep. */
const touchedByRun = ['Job', 'Window', 'Upkeep', 'Change'] as const;

/** Goes at the seams of jobs, and who has which in hand. */
const weldRunsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    runTimes: build.query<RunTime[], undefined>({
      query: () => 'weld-runs/times',
      responseSchema: runTimeSchema.array(),
      providesTags: ['Job'],
    }),
    writeRun: build.mutation<WeldRun, { id: string; draft: WeldRunDraft }>({
      query: ({ id, draft }) => ({ url: `weld-runs/${id}`, method: 'PUT', body: draft }),
      responseSchema: weldRunSchema,
      invalidatesTags: touchedByRun,
    }),
    setRunWithdrawn: build.mutation<WeldRun, { id: string; isWithdrawn: boolean }>({
      query: ({ id, isWithdrawn }) => ({
        url: `weld-runs/${id}/withdrawal`,
        method: isWithdrawn ? 'PUT' : 'DELETE',
      }),
      responseSchema: weldRunSchema,
      invalidatesTags: touchedByRun,
    }),
    claimSeam: build.mutation<Job, SeamOfJob & { isTaken: boolean }>({
      query: ({ isTaken, ...seam }) => ({ url: claimAddress(seam), method: isTaken ? 'PUT' : 'DELETE' }),
      responseSchema: jobSchema,
      invalidatesTags: ['Job'],
    }),
  }),
});

export const { useRunTimesQuery, useWriteRunMutation, useSetRunWithdrawnMutation, useClaimSeamMutation } =
  weldRunsApi;
