import { followBackups, type SecondPlace } from './secondPlace.js';
import { writeBackup, type WriteBackup } from './writeBackup.js';

/** How backups are made, and copied to a second place. */
export interface BackupWork {
  readonly write: WriteBackup;
  readonly follow: (folder: string, place: SecondPlace) => Promise<void>;
}

/** In the thread that asks for it. */
export const backupsHere: BackupWork = { write: writeBackup, follow: followBackups };
