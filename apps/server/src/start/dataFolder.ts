import { closeSync, mkdirSync, openSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { StartFault } from './StartFault.js';

/**
 * Makes the data folder where it is missing and makes sure that it can be written to.
 *
 * @returns path of the database file in it, which need not exist yet
 * @throws StartFault for a folder that cannot be made or written
 */
export function openDataFolder(folder: string): string {
  const probe = join(folder, `.write-test-${process.pid}`);
  try {
    mkdirSync(folder, { recursive: true });
    closeSync(openSync(probe, 'wx'));
    rmSync(probe);
  } catch (error) {
    throw new StartFault(
      `The data folder ${folder} cannot be written (${(error as NodeJS.ErrnoException).code ?? String(error)}). ` +
        'Give another one in HERON_DATA or change its rights.',
    );
  }
  return join(folder, 'heron.sqlite');
}
