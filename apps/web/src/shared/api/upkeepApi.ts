import { machineUpkeepSchema, type MachineUpkeep, type UpkeepDraft } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** What is done to the machines again and again, and where it stands. */
const upkeepApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    upkeep: build.query<MachineUpkeep[], undefined>({
      query: () => 'upkeep',
      responseSchema: machineUpkeepSchema.array(),
      providesTags: ['Upkeep'],
    }),
    /** Of one machine, of whichever workshop. */
    machineUpkeep: build.query<MachineUpkeep, string>({
      query: (machineId) => `machines/${machineId}/upkeep`,
      responseSchema: machineUpkeepSchema,
      providesTags: ['Upkeep'],
    }),
    reviseUpkeep: build.mutation<MachineUpkeep, { machineId: string; revision: number; draft: UpkeepDraft }>({
      query: ({ machineId, revision, draft }) => ({
        url: `machines/${machineId}/upkeep/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: machineUpkeepSchema,
      invalidatesTags: ['Upkeep', 'Change'],
    }),
  }),
});

export const { useUpkeepQuery, useMachineUpkeepQuery, useReviseUpkeepMutation } = upkeepApi;
