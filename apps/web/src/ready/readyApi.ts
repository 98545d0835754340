import {
  daySchema,
  sequenceSchema,
  type Day,
  type DayEntryDraft,
  type Sequence,
  type SequenceDraft,
} from '@lone-heron/contract';
import { heronApi } from '../shared/api/heronApi.js';

/** Days and the templates they are opened with. */
const readyApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    daysOf: build.query<Day[], string>({
      query: (machineId) => `machines/${machineId}/days`,
      responseSchema: daySchema.array(),
      providesTags: ['Day'],
    }),
    day: build.query<Day, string>({
      query: (id) => `days/${id}`,
      responseSchema: daySchema,
      providesTags: ['Day'],
    }),
    openDay: build.mutation<Day, { machineId: string; id: string }>({
      query: ({ machineId, id }) => ({ url: `machines/${machineId}/days/${id}`, method: 'PUT' }),
      responseSchema: daySchema,
      invalidatesTags: ['Day'],
    }),
    enterStep: build.mutation<Day, { dayId: string; id: string; draft: DayEntryDraft }>({
      query: ({ dayId, id, draft }) => ({ url: `days/${dayId}/entries/${id}`, method: 'PUT', body: draft }),
      responseSchema: daySchema,
      // A refusal may mean that somebody else was there: what stands is asked for again either way.
      invalidatesTags: ['Day', 'Record'],
    }),
    sequence: build.query<Sequence, string>({
      query: (machineId) => `machines/${machineId}/sequence`,
      responseSchema: sequenceSchema,
      providesTags: ['Machine', 'Day'],
    }),
    reviseSequence: build.mutation<Sequence, { machineId: string; revision: number; draft: SequenceDraft }>({
      query: ({ machineId, revision, draft }) => ({
        url: `machines/${machineId}/sequence/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: sequenceSchema,
      invalidatesTags: ['Machine', 'Change'],
    }),
  }),
});

export const {
  useDaysOfQuery,
  useDayQuery,
  useOpenDayMutation,
  useEnterStepMutation,
  useSequenceQuery,
  useReviseSequenceMutation,
} = readyApi;
