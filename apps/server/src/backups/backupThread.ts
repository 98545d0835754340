import { parentPort, workerData } from 'node:worker_threads';
import { BrokenBackup } from './BrokenBackup.js';
import { openSealed } from './ageFile.js';
import { followBackups, type SecondPlace } from './secondPlace.js';
import { writeBackup, type BackupOrder } from './writeBackup.js';

/** What a thread for backups is asked to do. */
export type ThreadWork =
  | { readonly does: 'write'; readonly order: BackupOrder }
  | { readonly does: 'follow'; readonly folder: string; readonly place: SecondPlace }
  | {
      readonly does: 'open';
      readonly sealed: string;
      readonly target: string;
      readonly passphrase: string;
    };

function doWork(work: ThreadWork): Promise<unknown> {
  switch (work.does) {
    case 'write':
      return writeBackup(work.order);
    case 'follow':
      return followBackups(work.folder, work.place);
    case 'open':
      return openSealed(work.sealed, work.target, work.passphrase);
  }
}

/** Makes, copies or opens one backup in a thread of its own, and says what became of it. @see backupsInThread.ts */
try {
  const work = workerData as ThreadWork;
  parentPort?.postMessage({ done: await doWork(work) });
} catch (fault) {
  const { message, code } = fault as NodeJS.ErrnoException;
  parentPort?.postMessage({ fault: { message, code, isBroken: fault instanceof BrokenBackup } });
}
