import { parentPort, workerData } from 'node:worker_threads';
import { BrokenBackup } from './BrokenBackup.js';
import { followBackups, type SecondPlace } from './secondPlace.js';
import { writeBackup, type BackupOrder } from './writeBackup.js';

/** What a thread for backups is asked to do. */
export type ThreadWork =
  | { readonly does: 'write'; readonly order: BackupOrder }
  | { readonly does: 'follow'; readonly folder: string; readonly place: SecondPlace };

function doWork(work: ThreadWork): Promise<unknown> {
  return work.does === 'write' ? writeBackup(work.order) : followBackups(work.folder, work.place);
}

/** Makes or copies one backup in a thread of its own, and says what became of it. @see backupsInThread.ts */
try {
  const work = workerData as ThreadWork;
  parentPort?.postMessage({ done: await doWork(work) });
} catch (fault) {
  const { message, code } = fault as NodeJS.ErrnoException;
  parentPort?.postMessage({ fault: { message, code, isBroken: fault instanceof BrokenBackup } });
}
