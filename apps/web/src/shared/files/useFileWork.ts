import { skipToken } from '@reduxjs/toolkit/query';
import type { FileProgress } from '@lone-heron/contract';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { useFileProgressQuery } from './fileWorkApi.js';

/** A file on its way to the server, as a mutation gives it back. */
interface Sent<Answer> extends PromiseLike<{ data?: Answer; error?: unknown }> {
  readonly abort: () => void;
}

/** A file that the server is at work on. */
export interface FileWork {
  /** Null while nobody has counted yet. */
  readonly progress: FileProgress | null;
  readonly cancel: () => void;
}

/** Sends a file, which is given an id to ask by. @returns what was answered; undefined where it failed or was broken off */
export type SendFile = <Answer>(begin: (work: string) => Sent<Answer>) => Promise<Answer | undefined>;

/** How often it is asked how far a file has come, ms. */
const askedEvery = 700;

/** Sends files in such a way that one can see how far they have come, and break them off. */
export function useFileWork() {
  const [underWay, setUnderWay] = useState<{ work: string; abort: () => void } | null>(null);
  const { currentData } = useFileProgressQuery(underWay?.work ?? skipToken, { pollingInterval: askedEvery });
  const send: SendFile = async (begin) => {
    const work = uuid();
    const sent = begin(work);
    setUnderWay({ work, abort: sent.abort });
    try {
      return (await sent).data;
    } finally {
      setUnderWay((now) => (now?.work === work ? null : now));
    }
  };
  const work: FileWork | null =
    underWay === null ? null : { progress: currentData ?? null, cancel: underWay.abort };
  return { send, work };
}

/** Why a file was not read; undefined where somebody broke it off, who knows. */
export function unlessBrokenOff(error: unknown): unknown {
  return (error as { name?: unknown } | undefined)?.name === 'AbortError' ? undefined : error;
}
