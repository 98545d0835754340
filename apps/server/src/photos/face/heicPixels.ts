import { Worker } from 'node:worker_threads';
import { Mutex } from 'async-mutex';
import type { Pixels } from './heicDecoding.js';
import type { SaidOfHeic } from './heicThread.js';

/** One at a time: the pixels of a large picture take hundreds of megabytes. */
const turns = new Mutex();
/** A file that takes longer is no picture of a camera, ms. */
const longestMs = 120_000;

/**
 * The pixels of an HEIC picture, read in a thread of its own so that nobody waits for it.
 *
 * @throws Error where it is broken or takes too long
 */
export function heicPixels(sent: Uint8Array): Promise<Pixels> {
  return turns.runExclusive(() => inThread(sent));
}

function inThread(sent: Uint8Array): Promise<Pixels> {
  return new Promise((resolve, reject) => {
    const thread = new Worker(new URL('./heicThread.js', import.meta.url), { workerData: { sent } });
    const deadline = setTimeout(() => {
      reject(new Error(`it was not read after ${longestMs / 1000} s`));
      void thread.terminate();
    }, longestMs);
    deadline.unref();
    thread.once('message', (said: SaidOfHeic) => {
      if ('pixels' in said) resolve(said.pixels);
      else reject(new Error(said.fault));
    });
    thread.once('error', reject);
    thread.once('exit', (code) => {
      clearTimeout(deadline);
      // Where it said something before, this changes nothing.
      reject(new Error(`the thread that reads it ended with ${code}`));
    });
  });
}
