import { loggerReadSchema, type LoggerRead } from '@lone-heron/contract';
import { heronApi, ownHeaders } from '../../shared/api/heronApi.js';

/** How a file is read: columns by name where they are not found, threshold, and how far the logger’s clock is ahead. */
export interface LoggerAsked {
  readonly time?: string;
  readonly light?: string;
  readonly power?: string;
  readonly from: string;
  readonly aheadS: string;
}

interface LoggerFile {
  readonly machineId: string;
  readonly file: Blob;
  readonly asked: LoggerAsked;
}

/** A day’s file takes its time, ms. */
const fileTimeout = 120_000;

const asked =
  (path: string) =>
  ({ machineId, file, asked: params }: LoggerFile) => ({
    url: `logged-light/${machineId}/${path}`,
    ...{ method: 'PUT', params: { ...params }, body: file, timeout: fileTimeout },
    headers: { ...ownHeaders, 'Content-Type': 'application/octet-stream' },
  });

const loggedLightApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    lookAtLogger: build.mutation<LoggerRead, LoggerFile>({
      query: asked('preview'),
      responseSchema: loggerReadSchema,
    }),
    takeLogger: build.mutation<LoggerRead, LoggerFile>({
      query: asked('stored'),
      responseSchema: loggerReadSchema,
      invalidatesTags: ['Window', 'Upkeep', 'Machine'],
    }),
  }),
});

export const { useLookAtLoggerMutation, useTakeLoggerMutation } = loggedLightApi;
