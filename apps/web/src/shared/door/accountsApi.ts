import {
  accountSchema,
  doorSchema,
  personSchema,
  providerBegunSchema,
  type Account,
  type AccountDraft,
  type AccountSignIn,
  type Door,
  type OwnPassphrase,
  type Person,
  type ProviderAnswer,
  type ProviderBegun,
} from '@lone-heron/contract';
import { everything, heronApi } from '../api/heronApi.js';

/** The ways in beside a name and a PIN; fetched with the door. */
const accountsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    ways: build.query<Door, undefined>({
      query: () => 'session/ways',
      responseSchema: doorSchema,
      providesTags: ['Session'],
    }),
    signInAccount: build.mutation<Person, AccountSignIn>({
      query: (body) => ({ url: 'session/account', method: 'PUT', body }),
      responseSchema: personSchema,
      invalidatesTags: (person) => (person === undefined ? [] : everything),
    }),
    beginProvider: build.mutation<ProviderBegun, undefined>({
      query: () => ({ url: 'session/provider/begun', method: 'PUT' }),
      responseSchema: providerBegunSchema,
    }),
    endProvider: build.mutation<Person, ProviderAnswer>({
      query: (body) => ({ url: 'session/provider', method: 'PUT', body }),
      responseSchema: personSchema,
      invalidatesTags: (person) => (person === undefined ? [] : everything),
    }),
    changeOwnPassphrase: build.mutation<null, OwnPassphrase>({
      query: (body) => ({ url: 'session/passphrase', method: 'PUT', body }),
      invalidatesTags: ['Session', 'Change'],
    }),
    accounts: build.query<Account[], undefined>({
      query: () => 'accounts',
      responseSchema: accountSchema.array(),
      providesTags: ['Person'],
    }),
    giveAccount: build.mutation<Account, { personId: string; draft: AccountDraft }>({
      query: ({ personId, draft }) => ({ url: `people/${personId}/account`, method: 'PUT', body: draft }),
      responseSchema: accountSchema,
      invalidatesTags: ['Person', 'Change', 'Session'],
    }),
    removeAccount: build.mutation<null, string>({
      query: (personId) => ({ url: `people/${personId}/account`, method: 'DELETE' }),
      invalidatesTags: ['Person', 'Change', 'Session'],
    }),
  }),
});

export const {
  useWaysQuery,
  useSignInAccountMutation,
  useBeginProviderMutation,
  useEndProviderMutation,
  useChangeOwnPassphraseMutation,
  useAccountsQuery,
  useGiveAccountMutation,
  useRemoveAccountMutation,
} = accountsApi;
