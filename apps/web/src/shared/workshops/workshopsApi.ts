import {
  houseSchema,
  machineSchema,
  personSchema,
  workshopSchema,
  type House,
  type HouseSheet,
  type Machine,
  type Person,
  type Workshop,
  type WorkshopChange,
} from '@lone-heron/contract';
import { heronApi } from '../api/heronApi.js';

/** The workshops of the firm, and whose somebody or something is; fetched with the screens that use it. */
const workshopsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    workshops: build.query<Workshop[], undefined>({
      query: () => 'workshops',
      responseSchema: workshopSchema.array(),
      providesTags: ['Workshop'],
    }),
    saveWorkshop: build.mutation<Workshop, Workshop>({
      query: ({ id, name }) => ({ url: `workshops/${id}`, method: 'PUT', body: { name } }),
      responseSchema: workshopSchema,
      invalidatesTags: ['Workshop', 'Change'],
    }),
    removeWorkshop: build.mutation<null, string>({
      query: (id) => ({ url: `workshops/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Workshop', 'Change'],
    }),
    moveMachine: build.mutation<Machine, { id: string } & WorkshopChange>({
      query: ({ id, ...body }) => ({ url: `machines/${id}/workshop`, method: 'PUT', body }),
      responseSchema: machineSchema,
      invalidatesTags: ['Machine', 'Coupon', 'Change'],
    }),
    movePerson: build.mutation<Person, { id: string } & WorkshopChange>({
      query: ({ id, ...body }) => ({ url: `people/${id}/workshop`, method: 'PUT', body }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Session', 'House', 'Machine', 'Change'],
    }),
    leaveToFirm: build.mutation<House, { readonly sheet: HouseSheet; readonly revision: number }>({
      query: ({ sheet, revision }) => ({ url: `house/${sheet}/${revision}/firms`, method: 'PUT' }),
      responseSchema: houseSchema,
      invalidatesTags: ['House', 'Change', 'Window'],
    }),
  }),
});

export const {
  useWorkshopsQuery,
  useSaveWorkshopMutation,
  useRemoveWorkshopMutation,
  useMoveMachineMutation,
  useMovePersonMutation,
  useLeaveToFirmMutation,
} = workshopsApi;
