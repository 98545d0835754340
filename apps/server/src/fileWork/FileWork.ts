import type { FileProgress } from '@lone-heron/contract';
import type { Readable } from 'node:stream';
import type { ReadOrder, WriteOrder } from './FileOrder.js';

/** Says how far a work has come. */
export type TellProgress = (progress: FileProgress) => void;

/** Where nobody looks at how far it has come. */
export const untold: TellProgress = () => undefined;

/** How a work is watched from outside. */
export interface Watched {
  /** Ends it: nothing of it stays. */
  readonly signal: AbortSignal;
  readonly tell: TellProgress;
}

/** Where files are read and written: in a thread of their own where the shop is served, so that nobody waits for them. */
export abstract class FileWork {
  /** Reads a file in, or looks at it. @returns the answer, as JSON */
  abstract read(order: ReadOrder, watched: Watched): Promise<string>;

  /** Writes a file while it is sent. */
  abstract write(order: WriteOrder): Promise<Readable>;
}
