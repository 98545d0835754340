import {
  exchangePreviewSchema,
  exchangeStoredSchema,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangeStored,
} from '@lone-heron/contract';
import { heronApi, ownHeaders } from '../../shared/api/heronApi.js';

/** Whoever waits sees how far it has come, and may break it off: long, but not for ever, ms. */
const fileTimeout = 30 * 60_000;

interface ExchangeToRead {
  readonly format: ExchangeFileFormat;
  readonly file: Blob;
  /** Id by which its progress is asked for. */
  readonly work: string;
  /** Ids of what is taken where it clashes. */
  readonly take: readonly string[];
}

const bytesOf = ({ file, take, work }: ExchangeToRead) => ({
  method: 'PUT',
  params: { take: take.join(','), work },
  headers: { ...ownHeaders, 'Content-Type': 'application/octet-stream' },
  body: file,
  timeout: fileTimeout,
});

const exchangeApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    previewExchange: build.mutation<ExchangePreview, ExchangeToRead>({
      query: (sent) => ({ url: `exchange/${sent.format}/preview`, ...bytesOf(sent) }),
      responseSchema: exchangePreviewSchema,
    }),
    storeExchange: build.mutation<ExchangeStored, ExchangeToRead & { hash: string }>({
      query: ({ hash, ...sent }) => ({ url: `exchange/${sent.format}/stored/${hash}`, ...bytesOf(sent) }),
      responseSchema: exchangeStoredSchema,
      invalidatesTags: ['Card', 'Coupon', 'Machine', 'Window', 'Change'],
    }),
  }),
});

export const { usePreviewExchangeMutation, useStoreExchangeMutation } = exchangeApi;
