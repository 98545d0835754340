import { photoSchema, type Photo, type PhotoSubject } from '@lone-heron/contract';
import { heronApi, ownHeaders } from './heronApi.js';

/** A photo takes longer to send than a line of text, ms. */
export const photoTimeout = 120_000;

/** A picture to be kept with a coupon. */
interface SentPhoto {
  id: string;
  couponId: string;
  subject: PhotoSubject;
  picture: Blob;
}

const photosApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    photos: build.query<Photo[], string>({
      query: (couponId) => `coupons/${couponId}/photos`,
      responseSchema: photoSchema.array(),
      providesTags: ['Photo'],
    }),
    addPhoto: build.mutation<Photo, SentPhoto>({
      query: ({ id, couponId, subject, picture }) => ({
        url: `coupons/${couponId}/photos/${id}`,
        method: 'PUT',
        params: { subject },
        headers: { ...ownHeaders, 'Content-Type': 'application/octet-stream' },
        body: picture,
        timeout: photoTimeout,
      }),
      responseSchema: photoSchema,
      invalidatesTags: ['Photo'],
    }),
    withdrawPhoto: build.mutation<Photo, string>({
      query: (id) => ({ url: `photos/${id}/withdrawal`, method: 'PUT' }),
      responseSchema: photoSchema,
      invalidatesTags: ['Photo'],
    }),
    restorePhoto: build.mutation<Photo, string>({
      query: (id) => ({ url: `photos/${id}/withdrawal`, method: 'DELETE' }),
      responseSchema: photoSchema,
      invalidatesTags: ['Photo'],
    }),
  }),
});

export const { usePhotosQuery, useAddPhotoMutation, useWithdrawPhotoMutation, useRestorePhotoMutation } =
  photosApi;

/** Where a picture is, whole or small. */
export function pictureAddress(hash: string, size: 'whole' | 'small' = 'whole'): string {
  return `/api/photos/${hash}${size === 'small' ? '/small' : ''}`;
}
