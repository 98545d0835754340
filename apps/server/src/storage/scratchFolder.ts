import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';

const scratch = 'scratch';

/** A folder beside the data for what is put together there, on the same disk; swept at each start. */
export async function scratchFolder(dataFolder: string): Promise<string> {
  const folder = join(dataFolder, scratch);
  await mkdir(folder, { recursive: true });
  return folder;
}

/** Clears away what a process that was killed left lying. */
export async function sweepScratch(dataFolder: string): Promise<void> {
  await rm(join(dataFolder, scratch), { recursive: true, force: true });
}
