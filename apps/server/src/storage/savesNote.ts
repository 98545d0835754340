import { open, rename } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import { folderOntoDisk } from './ontoDisk.js';
import { readJsonFile } from './readJsonFile.js';

/** Name of the note in the data folder. It belongs to the state of a shop, as its database does. */
export const savesNoteFile = 'saves.json';

/** How many saves a shop had acknowledged, beside the database that should have them. */
const noteSchema = z.strictObject({
  format: z.literal('lone-heron-saves'),
  saves: z.int().nonnegative(),
  /** When that was, ISO 8601. */
  at: z.iso.datetime(),
});
export type SavesNote = z.infer<typeof noteSchema>;

/** The note in a data folder; null where there is none that can be read. */
export function readSavesNote(folder: string): SavesNote | null {
  return readJsonFile(join(folder, savesNoteFile), noteSchema);
}

/** Writes the note down: whole or not at all, and on the disk when it is done. */
export async function writeSavesNote(
  folder: string,
  { saves, at }: Omit<SavesNote, 'format'>,
): Promise<void> {
  const path = join(folder, savesNoteFile);
  const part = await open(`${path}.part`, 'w');
  try {
    await part.writeFile(JSON.stringify({ format: 'lone-heron-saves', saves, at } satisfies SavesNote));
    await part.sync();
  } finally {
    await part.close();
  }
  await rename(`${path}.part`, path);
  await folderOntoDisk(folder);
}
