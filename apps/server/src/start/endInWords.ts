import { BrokenBackup } from '../backups/BrokenBackup.js';
import { adviceFor, storageTrouble } from '../storage/storageFault.js';
import { StartFault } from './StartFault.js';

/** Ends a command that failed, with one line and what to do where it is known; else with everything there is. */
export function endInWords(error: unknown): never {
  const trouble = storageTrouble(error);
  if (error instanceof StartFault || error instanceof BrokenBackup) console.error(`heron: ${error.message}`);
  else if (trouble !== null) console.error(`heron: ${(error as Error).message}. ${adviceFor(trouble)}`);
  else console.error(error);
  process.exit(1);
}
