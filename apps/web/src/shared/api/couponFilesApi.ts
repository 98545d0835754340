import { filePreviewSchema, fileStoredSchema, type FilePreview, type ReadFormat } from '@lone-heron/contract';
import type { z } from 'zod';
import { heronApi, ownHeaders } from './heronApi.js';

/** A file of thousands of coupons takes longer than a line of text, ms. */
const fileTimeout = 120_000;

const bytesOf = (file: Blob) => ({
  method: 'PUT',
  headers: { ...ownHeaders, 'Content-Type': 'application/octet-stream' },
  body: file,
  timeout: fileTimeout,
});

const couponFilesApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    previewFile: build.mutation<FilePreview, { format: ReadFormat; file: Blob }>({
      query: ({ format, file }) => ({ url: `coupon-files/${format}/preview`, ...bytesOf(file) }),
      responseSchema: filePreviewSchema,
    }),
    storeFile: build.mutation<
      z.infer<typeof fileStoredSchema>,
      { format: ReadFormat; hash: string; file: Blob }
    >({
      query: ({ format, hash, file }) => ({ url: `coupon-files/${format}/stored/${hash}`, ...bytesOf(file) }),
      responseSchema: fileStoredSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change'],
    }),
  }),
});

export const { usePreviewFileMutation, useStoreFileMutation } = couponFilesApi;
