import type { BackupContents } from '@lone-heron/contract';
import { Worker } from 'node:worker_threads';
import { BrokenBackup } from './BrokenBackup.js';
import type { BackupOrder } from './writeBackup.js';

/** Past this a backup hangs, on a disk that does not answer: it is given up, and the next one tried. */
const longestMs = 2 * 3600 * 1000;

/** What the thread says when it is done. */
type Told =
  | { readonly contents: BackupContents }
  | { readonly fault: { readonly message: string; readonly code?: string; readonly isBroken: boolean } };

/**
 * Makes a backup in a thread of its own, so that nobody waits for it.
 *
 * @throws BrokenBackup where the copy cannot be read back whole, and whatever the disk says
 */
export function writeBackupInThread(order: BackupOrder): Promise<BackupContents> {
  return new Promise((resolve, reject) => {
    const thread = new Worker(new URL('./backupThread.js', import.meta.url), { workerData: order });
    const deadline = setTimeout(() => {
      reject(new Error(`it was not done after ${longestMs / 3_600_000} hours`));
      void thread.terminate();
    }, longestMs);
    deadline.unref();
    thread.once('message', (told: Told) => {
      if ('contents' in told) resolve(told.contents);
      else reject(faultOf(told.fault));
    });
    thread.once('error', reject);
    thread.once('exit', (code) => {
      clearTimeout(deadline);
      // Where it said something before, this changes nothing.
      reject(new Error(`the thread that made it ended with ${code}`));
    });
  });
}

function faultOf({ message, code, isBroken }: Extract<Told, { fault: object }>['fault']): Error {
  return isBroken ? new BrokenBackup(message) : Object.assign(new Error(message), { code });
}
