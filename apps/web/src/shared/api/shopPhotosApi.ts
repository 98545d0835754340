import { shopPhotoSchema, type ShopPhoto, type ShopPhotoSubject } from '@lone-heron/contract';
import { heronApi, ownHeaders } from './heronApi.js';
import { photoTimeout } from './photosApi.js';

/** A picture of the shop to be kept. */
interface SentShopPhoto {
  id: string;
  machineId: string;
  subject: ShopPhotoSubject;
  picture: Blob;
}

/** Photos of a glass, a status page or an upkeep that was done. */
const shopPhotosApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    shopPhotos: build.query<ShopPhoto[], string>({
      query: (machineId) => `machines/${machineId}/photos`,
      responseSchema: shopPhotoSchema.array(),
      providesTags: ['Photo'],
    }),
    addShopPhoto: build.mutation<ShopPhoto, SentShopPhoto>({
      query: ({ id, machineId, subject, picture }) => ({
        url: `shop-photos/${id}`,
        method: 'PUT',
        params: { subject, machineId },
        headers: { ...ownHeaders, 'Content-Type': 'application/octet-stream' },
        body: picture,
        timeout: photoTimeout,
      }),
      responseSchema: shopPhotoSchema,
      invalidatesTags: ['Photo'],
    }),
  }),
});

export const { useShopPhotosQuery, useAddShopPhotoMutation } = shopPhotosApi;
