import {
  linkReadSchema,
  linkSendingSchema,
  linkStoredSchema,
  machineLinkSchema,
  type LinkRead,
  type LinkSending,
  type LinkSendingDraft,
  type LinkStored,
  type MachineLink,
  type MachineLinkDraft,
} from '@lone-heron/contract';
import { heronApi } from '../api/heronApi.js';

/** Machines over their wire. */
const linksApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    /** One, or none. */
    link: build.query<MachineLink[], string>({
      query: (machineId) => `machines/${machineId}/link`,
      responseSchema: machineLinkSchema.array(),
      providesTags: ['Machine'],
    }),
    reviseLink: build.mutation<MachineLink, { machineId: string; revision: number; draft: MachineLinkDraft }>(
      {
        query: ({ machineId, revision, draft }) => ({
          url: `machines/${machineId}/link/revisions/${revision}`,
          method: 'PUT',
          body: draft,
        }),
        responseSchema: machineLinkSchema,
        invalidatesTags: ['Machine', 'Change'],
      },
    ),
    tryLink: build.mutation<LinkRead, { machineId: string; draft: MachineLinkDraft }>({
      query: ({ machineId, draft }) => ({
        url: `machines/${machineId}/link/trial`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: linkReadSchema,
    }),
    readLink: build.mutation<LinkRead, string>({
      query: (machineId) => ({ url: `machines/${machineId}/link/reading`, method: 'PUT' }),
      responseSchema: linkReadSchema,
    }),
    readStored: build.mutation<LinkStored, string>({
      query: (machineId) => ({ url: `machines/${machineId}/link/stored`, method: 'PUT' }),
      responseSchema: linkStoredSchema,
    }),
    sendings: build.query<LinkSending[], string>({
      query: (machineId) => `machines/${machineId}/link/sendings`,
      responseSchema: linkSendingSchema.array(),
      providesTags: ['Machine', 'Change'],
    }),
    sendToMachine: build.mutation<LinkSending, { machineId: string; id: string; draft: LinkSendingDraft }>({
      query: ({ machineId, id, draft }) => ({
        url: `machines/${machineId}/link/sendings/${id}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: linkSendingSchema,
      invalidatesTags: ['Change'],
    }),
  }),
});

export const {
  useLinkQuery,
  useReviseLinkMutation,
  useTryLinkMutation,
  useReadLinkMutation,
  useReadStoredMutation,
  useSendingsQuery,
  useSendToMachineMutation,
} = linksApi;
