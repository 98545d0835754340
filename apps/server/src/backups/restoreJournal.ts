import { existsSync } from 'node:fs';
import { mkdir, open, readdir, readFile, rename, rm } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { z } from 'zod';
import { StartFault } from '../start/StartFault.js';
import { savesNoteFile } from '../storage/savesNote.js';
import { folderOntoDisk } from '../storage/ontoDisk.js';

/** What belongs to the state of a shop in its data folder; backups are not among it. */
const stateFiles = ['heron.sqlite', 'heron.sqlite-wal', 'heron.sqlite-shm', 'photos', savesNoteFile];
const journalFile = 'restore-under-way.json';
const unpackedPrefix = 'restoring-';

/** An exchange of what a data folder holds that was decided on: from the moment it is written down it is finished. */
const journalSchema = z.strictObject({
  format: z.literal('lone-heron-restore'),
  /** Folders beside each other in the data folder. */
  unpacked: z.string().startsWith(unpackedPrefix),
  aside: z.string().startsWith('before-restore-'),
  before: z.array(z.enum(stateFiles)),
  after: z.array(z.enum(stateFiles)),
});
type Journal = z.infer<typeof journalSchema>;

export const unpackedFolder = (dataFolder: string, stamp: string): string =>
  join(dataFolder, `${unpackedPrefix}${stamp}`);

/** Name of the folder that keeps what was there before a restore. */
export const asideName = (stamp: string): string => `before-restore-${stamp}`;

/** Called before each change on the disk: a test kills there. */
type BeforeStep = () => void;
const goOn: BeforeStep = () => undefined;

/**
 * Puts an unpacked shop in the place of what a data folder holds, which is set aside whole. Killed at any point before the
 * decision is on the disk, everything is as it was; after it, the next start finishes.
 *
 * @param unpacked folder in the data folder, whole and on the disk
 * @returns the folder that the state before is kept in; null where there was none
 */
export async function exchangeShops(
  dataFolder: string,
  unpacked: string,
  stamp: string,
  beforeStep = goOn,
): Promise<string | null> {
  const present = (folder: string) => stateFiles.filter((name) => existsSync(join(folder, name)));
  const journal: Journal = {
    format: 'lone-heron-restore',
    unpacked: basename(unpacked),
    aside: asideName(stamp),
    before: present(dataFolder),
    after: present(unpacked),
  };
  await decide(dataFolder, journal, beforeStep);
  return finish(dataFolder, journal, beforeStep);
}

/**
 * Finishes a restore that was cut short, and clears away one that was never decided on.
 *
 * @returns the folder that the state before is kept in where a restore was finished; null where there was none to finish
 * @throws StartFault where what was written down of it cannot be read
 */
export async function finishRestore(dataFolder: string): Promise<{ aside: string | null } | null> {
  const path = join(dataFolder, journalFile);
  const journal = existsSync(path) ? readJournal(await readFile(path, 'utf8'), path) : null;
  const finished = journal === null ? null : { aside: await finish(dataFolder, journal) };
  for (const name of await readdir(dataFolder))
    if (name.startsWith(unpackedPrefix) || name === `${journalFile}.part`)
      await rm(join(dataFolder, name), { recursive: true });
  return finished;
}

function readJournal(text: string, path: string): Journal {
  try {
    return journalSchema.parse(JSON.parse(text));
  } catch {
    throw new StartFault(
      `A restore was cut short, and what was written down of it in ${path} cannot be read. Nothing was touched. ` +
        'Copy the folder elsewhere, delete that file, then restore again.',
    );
  }
}

async function decide(dataFolder: string, journal: Journal, beforeStep: BeforeStep): Promise<void> {
  const path = join(dataFolder, journalFile);
  beforeStep();
  const part = await open(`${path}.part`, 'w');
  try {
    await part.writeFile(JSON.stringify(journal));
    await part.sync();
  } finally {
    await part.close();
  }
  beforeStep();
  await rename(`${path}.part`, path);
  await folderOntoDisk(dataFolder);
}

/** Everything of before is set aside, and that is on the disk, before anything of after is moved in: so each step is known. */
async function finish(dataFolder: string, journal: Journal, beforeStep = goOn): Promise<string | null> {
  const aside = join(dataFolder, journal.aside);
  const unpacked = join(dataFolder, journal.unpacked);
  beforeStep();
  if (journal.before.length > 0) await mkdir(aside, { recursive: true });
  await moveAll(journal.before, dataFolder, aside, beforeStep);
  await moveAll(journal.after, unpacked, dataFolder, beforeStep);
  beforeStep();
  await rm(join(dataFolder, journalFile));
  await folderOntoDisk(dataFolder);
  beforeStep();
  await rm(unpacked, { recursive: true, force: true });
  return journal.before.length > 0 ? aside : null;
}

/** Moves what is not over there yet. */
async function moveAll(
  names: readonly string[],
  from: string,
  to: string,
  beforeStep: BeforeStep,
): Promise<void> {
  for (const name of names) {
    if (!existsSync(join(from, name)) || existsSync(join(to, name))) continue;
    beforeStep();
    await rename(join(from, name), join(to, name));
  }
  for (const folder of [to, from]) if (names.length > 0 && existsSync(folder)) await folderOntoDisk(folder);
}
