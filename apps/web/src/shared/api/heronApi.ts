import {
  machineSchema,
  personSchema,
  sessionSchema,
  type Machine,
  type Person,
  type Session,
  type SignIn,
} from '@lone-heron/contract';
import { createApi, fetchBaseQuery, type BaseQueryFn } from '@reduxjs/toolkit/query/react';
import { heardShopClock } from '../clock/shopClock.js';
import { keptAtHeader } from '../kept/keptAtHeader.js';
import { freshShown, keptShown } from '../kept/keptSlice.js';
import { isOpenPage } from '../door/openPages.js';
import { signInAsked } from '../door/doorSlice.js';

/** Whatever the server is asked for, by name. */
export const everything = [
  'Coupon',
  'Machine',
  'Window',
  'Person',
  'Session',
  'Change',
  'Day',
  'Record',
  'House',
  'Photo',
  'Test',
  'Ladder',
  'Card',
  'Backup',
  'Slot',
  'Procedure',
  'Light',
  'Part',
  'Stock',
  'Upkeep',
  'Job',
  'Live',
  'Workshop',
] as const;

/** What the server knows a page of ours by, and which of them it is; a request that sends headers of its own sends this too. */
export const ownHeaders = { 'X-Lone-Heron': `${Math.random()}` };

const ask = fetchBaseQuery({
  baseUrl: new URL('/api/', window.location.href).href,
  timeout: 10_000,
  headers: ownHeaders,
});

/** Where a wrong PIN was given, which says nothing of who is signed in. */
const withPin = [
  'signIn',
  'changeOwnPin',
  'changeOwnPassphrase',
  'signCard',
  'approveProcedure',
  'beginRestore',
];

/** Asks the server; where it wants to know who it is, the door is opened, and what was typed stays where it is. */
const askOrSignIn: BaseQueryFn<Parameters<typeof ask>[0]> = async (args, api, extra) => {
  const askedAt = Date.now();
  const answer = await ask(args, api, extra);
  const headers = answer.meta?.response?.headers;
  const keptAt = headers?.get(keptAtHeader) ?? null;
  if (keptAt === null) heardShopClock(headers?.get('date') ?? null, askedAt, Date.now());
  if (keptAt !== null) api.dispatch(keptShown(keptAt));
  else if (answer.meta?.response !== undefined) api.dispatch(freshShown());
  const asksWho = answer.error?.status === 401 && !withPin.includes(api.endpoint);
  if (asksWho && !isOpenPage(window.location.pathname)) api.dispatch(signInAsked());
  return answer;
};

/** The server's data. Answers are checked against the contract. */
export const heronApi = createApi({
  reducerPath: 'heronApi',
  baseQuery: askOrSignIn,
  tagTypes: everything,
  refetchOnFocus: true,
  refetchOnReconnect: true,
  endpoints: (build) => ({
    machines: build.query<Machine[], undefined>({
      query: () => 'machines',
      responseSchema: machineSchema.array(),
      providesTags: ['Machine'],
    }),
    people: build.query<Person[], undefined>({
      query: () => 'people',
      responseSchema: personSchema.array(),
      providesTags: ['Person'],
    }),
    session: build.query<Session, undefined>({
      query: () => 'session',
      responseSchema: sessionSchema,
      providesTags: ['Session', 'Person'],
    }),
    signIn: build.mutation<Person, SignIn>({
      query: (body) => ({ url: 'session', method: 'PUT', body }),
      responseSchema: personSchema,
      invalidatesTags: (person) => (person === undefined ? [] : everything),
      // Whoever is in can save at once, however long the rest of the page takes to be asked for anew.
      onQueryStarted: async (_, { dispatch, queryFulfilled }) => {
        const answer = await queryFulfilled.catch(() => null);
        if (answer !== null) dispatch(personAtDesk(answer.data));
      },
    }),
    signOut: build.mutation<null, undefined>({
      query: () => ({ url: 'session', method: 'DELETE' }),
      invalidatesTags: ['Session'],
    }),
  }),
});

function personAtDesk(person: Person) {
  return heronApi.util.updateQueryData('session', undefined, (session) => ({ ...session, person }));
}

export const { useMachinesQuery, usePeopleQuery, useSessionQuery, useSignInMutation, useSignOutMutation } =
  heronApi;
