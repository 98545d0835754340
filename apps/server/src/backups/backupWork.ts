import { openSealed } from './ageFile.js';
import { followBackups, type SecondPlace } from './secondPlace.js';
import { writeBackup, type WriteBackup } from './writeBackup.js';

/** How backups are made, copied to a second place, and opened where they are encrypted. */
export interface BackupWork {
  readonly write: WriteBackup;
  readonly follow: (folder: string, place: SecondPlace) => Promise<void>;
  readonly open: (sealed: string, target: string, passphrase: string) => Promise<void>;
}

/** In the thread that asks for it. */
export const backupsHere: BackupWork = { write: writeBackup, follow: followBackups, open: openSealed };
