import { programSlotSchema, type ProgramSlot, type SlotEntry } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

const slotsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    slots: build.query<ProgramSlot[], string>({
      query: (machineId) => `machines/${machineId}/slots`,
      responseSchema: programSlotSchema.array(),
      providesTags: ['Slot'],
    }),
    enterSlot: build.mutation<
      ProgramSlot[],
      { machineId: string; slot: number; id: string; entry: SlotEntry }
    >({
      query: ({ machineId, slot, id, entry }) => ({
        url: `machines/${machineId}/slots/${slot}/entries/${id}`,
        method: 'PUT',
        body: entry,
      }),
      responseSchema: programSlotSchema.array(),
      invalidatesTags: ['Slot', 'Change'],
    }),
  }),
});

export const { useSlotsQuery, useEnterSlotMutation } = slotsApi;
