import { Worker } from 'node:worker_threads';
import { BrokenBackup } from './BrokenBackup.js';
import type { ThreadWork } from './backupThread.js';
import type { BackupWork } from './backupWork.js';

/** Past this a backup hangs, on a disk that does not answer: it is given up, and the next one tried. */
const longestMs = 2 * 3600 * 1000;

/** What the thread says when it is done. */
type Told =
  | { readonly done: unknown }
  | { readonly fault: { readonly message: string; readonly code?: string; readonly isBroken: boolean } };

/** Makes, copies and opens backups in threads of their own, so that nobody waits for them. */
export const backupsInThread: BackupWork = {
  write: (order) => inThread({ does: 'write', order }),
  follow: (folder, place) => inThread({ does: 'follow', folder, place }),
  open: (sealed, target, passphrase) => inThread({ does: 'open', sealed, target, passphrase }),
};

/** @throws BrokenBackup where the copy cannot be read back whole, and whatever the disk says */
function inThread<Done>(work: ThreadWork): Promise<Done> {
  return new Promise((resolve, reject) => {
    const thread = new Worker(new URL('./backupThread.js', import.meta.url), { workerData: work });
    const deadline = setTimeout(() => {
      reject(new Error(`it was not done after ${longestMs / 3_600_000} hours`));
      void thread.terminate();
    }, longestMs);
    deadline.unref();
    thread.once('message', (told: Told) => {
      if ('done' in told) resolve(told.done as Done);
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
