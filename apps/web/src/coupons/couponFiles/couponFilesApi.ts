import {
  filePreviewSchema,
  fileStoredSchema,
  type CouponFileFormat,
  type FilePreview,
  type FileStored,
} from '@lone-heron/contract';
import { heronApi, ownHeaders } from '../../shared/api/heronApi.js';

/** A file of thousands of coupons takes longer than a line of text, ms. */
const fileTimeout = 120_000;

interface FileToRead {
  readonly format: CouponFileFormat;
  readonly file: Blob;
}

const bytesOf = ({ format, file }: FileToRead) => ({
  method: 'PUT',
  headers: {
    ...ownHeaders,
    'Content-Type': format === 'zip' ? 'application/zip' : 'application/octet-stream',
  },
  body: file,
  timeout: fileTimeout,
});

const couponFilesApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    previewFile: build.mutation<FilePreview, FileToRead>({
      query: (file) => ({ url: `coupon-files/${file.format}/preview`, ...bytesOf(file) }),
      responseSchema: filePreviewSchema,
    }),
    storeFile: build.mutation<FileStored, FileToRead & { hash: string }>({
      query: ({ hash, ...file }) => ({ url: `coupon-files/${file.format}/stored/${hash}`, ...bytesOf(file) }),
      responseSchema: fileStoredSchema,
      invalidatesTags: ['Coupon', 'Window', 'Change', 'Photo', 'Test'],
    }),
  }),
});

export const { usePreviewFileMutation, useStoreFileMutation } = couponFilesApi;
