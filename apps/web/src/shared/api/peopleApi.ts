import {
  changeSchema,
  personSchema,
  type Change,
  type FirstLead,
  type OwnPin,
  type Person,
  type PersonDraft,
  type PinReset,
  type NameChange,
  type RoleChange,
} from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** Adding, changing and resetting people, and who changed what; fetched with the screens that use it. */
const peopleApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    changes: build.query<Change[], undefined>({
      query: () => 'changes',
      responseSchema: changeSchema.array(),
      providesTags: ['Change'],
    }),
    makeFirstLead: build.mutation<Person, { id: string; lead: FirstLead }>({
      query: ({ id, lead }) => ({ url: `people/${id}/first-lead`, method: 'PUT', body: lead }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Session', 'Change'],
    }),
    addPerson: build.mutation<Person, { id: string; draft: PersonDraft }>({
      query: ({ id, draft }) => ({ url: `people/${id}`, method: 'PUT', body: draft }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Change'],
    }),
    renamePerson: build.mutation<Person, { id: string } & NameChange>({
      query: ({ id, name }) => ({ url: `people/${id}/name`, method: 'PUT', body: { name } }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Change', 'Session'],
    }),
    setRole: build.mutation<Person, { id: string } & RoleChange>({
      query: ({ id, role }) => ({ url: `people/${id}/role`, method: 'PUT', body: { role } }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Change'],
    }),
    resetPin: build.mutation<Person, { id: string } & PinReset>({
      query: ({ id, newPin }) => ({ url: `people/${id}/pin`, method: 'PUT', body: { newPin } }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Change', 'Session'],
    }),
    setDisabled: build.mutation<Person, { id: string; isDisabled: boolean }>({
      query: ({ id, isDisabled }) => ({
        url: `people/${id}/disabled`,
        method: isDisabled ? 'PUT' : 'DELETE',
      }),
      responseSchema: personSchema,
      invalidatesTags: ['Person', 'Change', 'Session'],
    }),
    changeOwnPin: build.mutation<null, OwnPin>({
      query: (body) => ({ url: 'session/pin', method: 'PUT', body }),
      invalidatesTags: ['Session', 'Change'],
    }),
  }),
});

export const {
  useChangesQuery,
  useMakeFirstLeadMutation,
  useAddPersonMutation,
  useRenamePersonMutation,
  useSetRoleMutation,
  useResetPinMutation,
  useSetDisabledMutation,
  useChangeOwnPinMutation,
} = peopleApi;
