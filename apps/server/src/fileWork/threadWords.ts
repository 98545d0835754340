import type { FileProgress, Problem } from '@lone-heron/contract';
import { ProblemException } from '../http/problem.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import type { FileOrder } from './FileOrder.js';

/** What a thread is started with. */
export interface ThreadData {
  readonly place: ShopPlace;
}

/** What a thread says to the one that serves. */
export type FromThread =
  | { readonly says: 'progress'; readonly progress: FileProgress }
  /** It wants to write, and waits until nobody else does. */
  | { readonly says: 'turnWanted' }
  | { readonly says: 'turnDone' }
  | { readonly says: 'answer'; readonly json: string }
  /** It has begun to write a file; what goes wrong from here on breaks the file off. */
  | { readonly says: 'begun' }
  | { readonly says: 'chunk'; readonly bytes: Uint8Array }
  | { readonly says: 'end' }
  | { readonly says: 'fault'; readonly fault: ToldFault };

/** What the thread that serves says to another. */
export type ToThread =
  /** Writes: those that were begun before. @see WriteQueue.writes */
  | { readonly says: 'order'; readonly order: FileOrder; readonly writes: number }
  | { readonly says: 'go'; readonly writes: number }
  | { readonly says: 'more' };

/** An error as it crosses between threads, which errors of a class do not. */
export interface ToldFault {
  readonly problem: Problem | null;
  readonly message: string;
  readonly stack: string;
  readonly code: string | null;
}

export function toldFault(error: unknown): ToldFault {
  const { message, stack = '', code } = error as NodeJS.ErrnoException;
  return {
    ...{ message, stack, code: code ?? null },
    problem: error instanceof ProblemException ? error.problem : null,
  };
}

export function faultOf({ problem, message, stack, code }: ToldFault): Error {
  if (problem !== null) return new ProblemException(problem);
  return Object.assign(new Error(message), { stack }, code === null ? {} : { code });
}
