import {
  houseSchema,
  houseStarts,
  type House,
  type HouseContent,
  type HouseSheet,
} from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** A sheet of the house as it is sent. */
interface HouseRevision<Sheet extends HouseSheet = HouseSheet> {
  readonly sheet: Sheet;
  readonly revision: number;
  readonly content: HouseContent[Sheet];
}

/** Practice, units, stock and prices: Dial goes by them, Shop keeps them. */
const houseApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    house: build.query<House, undefined>({
      query: () => 'house',
      responseSchema: houseSchema,
      providesTags: ['House'],
    }),
    reviseHouse: build.mutation<House, HouseRevision>({
      query: ({ sheet, revision, content }) => ({
        url: `house/${sheet}/${revision}`,
        method: 'PUT',
        body: content,
      }),
      responseSchema: houseSchema,
      invalidatesTags: ['House', 'Change', 'Window'],
    }),
  }),
});

export const { useHouseQuery, useReviseHouseMutation } = houseApi;

/** The house's sheets without their revisions; where a shop starts, until they have been fetched. */
export function houseContent(house: House | undefined): HouseContent {
  if (house === undefined) return houseStarts;
  return {
    practice: house.practice.content,
    units: house.units.content,
    wire: house.wire.content,
    nozzles: house.nozzles.content,
    prices: house.prices.content,
    jobRates: house.jobRates.content,
    acceptance: house.acceptance.content,
    glassWeights: house.glassWeights.content,
    losses: house.losses.content,
  };
}
