import {
  machineRevisionSchema,
  machineSchema,
  type Machine,
  type MachineRevision,
  type MachineRevisionDraft,
} from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

/** A machine's revisions, and making the next. */
const machinesApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    machineHistory: build.query<MachineRevision[], string>({
      query: (id) => `machines/${id}/revisions`,
      responseSchema: machineRevisionSchema.array(),
      providesTags: ['Machine'],
    }),
    reviseMachine: build.mutation<Machine, { id: string; revision: number; draft: MachineRevisionDraft }>({
      query: ({ id, revision, draft }) => ({
        url: `machines/${id}/revisions/${revision}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: machineSchema,
      invalidatesTags: ['Machine', 'Change'],
    }),
    setMachineRetired: build.mutation<Machine, { id: string; isRetired: boolean }>({
      query: ({ id, isRetired }) => ({ url: `machines/${id}/retired`, method: isRetired ? 'PUT' : 'DELETE' }),
      responseSchema: machineSchema,
      invalidatesTags: ['Machine', 'Upkeep', 'Change'],
    }),
  }),
});

export const { useMachineHistoryQuery, useReviseMachineMutation, useSetMachineRetiredMutation } = machinesApi;
