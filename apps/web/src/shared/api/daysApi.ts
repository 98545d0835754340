import { daySchema, type Day } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** The newest day of each machine: for the waterline, for Dial and for Ready. */
const daysApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    latestDays: build.query<Day[], undefined>({
      query: () => 'days',
      responseSchema: daySchema.array(),
      providesTags: ['Day'],
    }),
  }),
});

export const { useLatestDaysQuery } = daysApi;
