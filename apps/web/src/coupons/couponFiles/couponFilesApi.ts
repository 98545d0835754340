import {
  filePreviewSchema,
  fileStoredSchema,
  type CouponFileFormat,
  type FilePreview,
  type FileStored,
} from '@lone-heron/contract';
import { heronApi, ownHeaders } from '../../shared/api/heronApi.js';

/** Whoever waits sees how far it has come, and may break it off: long, but not for ever, ms. */
const fileTimeout = 30 * 60_000;

interface FileToRead {
  readonly format: CouponFileFormat;
  readonly file: Blob;
  /** Id by which its progress is asked for. */
  readonly work: string;
}

const bytesOf = ({ format, file, work }: FileToRead) => ({
  method: 'PUT',
  params: { work },
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
