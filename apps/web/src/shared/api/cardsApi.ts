import { cardSchema, type Card, type CardDraft, type Signature } from '@lone-heron/contract';
import { heronApi } from './heronApi.js';

/** A version of a card. */
interface OfVersion {
  readonly id: string;
  readonly version: number;
}

const proofAddress = ({ id, version, couponId }: OfVersion & { couponId: string }) =>
  `cards/${id}/versions/${version}/proofs/${couponId}`;

const cardsApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    cards: build.query<Card[], undefined>({
      query: () => 'cards',
      responseSchema: cardSchema.array(),
      // What proves a card is what its coupons and their tests say.
      providesTags: ['Card', 'Coupon', 'Test'],
    }),
    writeCard: build.mutation<Card, OfVersion & { draft: CardDraft }>({
      query: ({ id, version, draft }) => ({
        url: `cards/${id}/versions/${version}`,
        method: 'PUT',
        body: draft,
      }),
      responseSchema: cardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
    addProof: build.mutation<Card, OfVersion & { couponId: string }>({
      query: (proof) => ({ url: proofAddress(proof), method: 'PUT' }),
      responseSchema: cardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
    removeProof: build.mutation<Card, OfVersion & { couponId: string }>({
      query: (proof) => ({ url: proofAddress(proof), method: 'DELETE' }),
      responseSchema: cardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
    signCard: build.mutation<Card, OfVersion & Signature>({
      query: ({ id, version, pin }) => ({
        url: `cards/${id}/versions/${version}/signature`,
        method: 'PUT',
        body: { pin },
      }),
      responseSchema: cardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
    retireCard: build.mutation<Card, { id: string; isRetired: boolean }>({
      query: ({ id, isRetired }) => ({
        url: `cards/${id}/retirement`,
        method: isRetired ? 'PUT' : 'DELETE',
      }),
      responseSchema: cardSchema,
      invalidatesTags: ['Card', 'Change'],
    }),
  }),
});

export const {
  useCardsQuery,
  useWriteCardMutation,
  useAddProofMutation,
  useRemoveProofMutation,
  useSignCardMutation,
  useRetireCardMutation,
} = cardsApi;
