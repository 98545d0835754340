import { parentPort, workerData } from 'node:worker_threads';
import { BrokenBackup } from './BrokenBackup.js';
import { writeBackup, type BackupOrder } from './writeBackup.js';

/** Makes one backup in a thread of its own, and says what became of it. @see writeBackupInThread.ts */
try {
  parentPort?.postMessage({ contents: await writeBackup(workerData as BackupOrder) });
} catch (fault) {
  const { message, code } = fault as NodeJS.ErrnoException;
  parentPort?.postMessage({ fault: { message, code, isBroken: fault instanceof BrokenBackup } });
}
