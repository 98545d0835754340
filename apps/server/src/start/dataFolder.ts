import { chmodSync, closeSync, mkdirSync, openSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { adviceFor, storageTrouble } from '../storage/storageFault.js';
import { StartFault } from './StartFault.js';

/**
 * Makes the data folder where it is missing, makes sure that it can be written to, and keeps everybody out of it but whoever
 * starts the server: PINs' hashes and sessions lie in it.
 *
 * @throws StartFault for a folder that cannot be made or written
 */
export function openDataFolder(folder: string): void {
  const probe = join(folder, `.write-test-${process.pid}`);
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    closeSync(openSync(probe, 'wx'));
    rmSync(probe);
    chmodSync(folder, 0o700);
  } catch (error) {
    const trouble = storageTrouble(error);
    const advice =
      trouble === 'full' ? adviceFor(trouble) : 'Give another one in HERON_DATA or change its rights.';
    throw new StartFault(
      `The data folder ${folder} cannot be written (${(error as NodeJS.ErrnoException).code ?? String(error)}). ${advice}`,
    );
  }
}
