import { open, readdir } from 'node:fs/promises';
import { join } from 'node:path';

/** Waits until the content of a file is on the disk and would outlast a power cut. */
export async function fileOntoDisk(path: string): Promise<void> {
  const file = await open(path, 'r+');
  try {
    await file.sync();
  } finally {
    await file.close();
  }
}

/** Waits until the names in a folder are on the disk: a file that was made or moved is else gone with the power. */
export async function folderOntoDisk(path: string): Promise<void> {
  const folder = await open(path, 'r');
  try {
    await folder.sync();
  } finally {
    await folder.close();
  }
}

/** Waits until a folder is on the disk with everything in it. */
export async function treeOntoDisk(folder: string): Promise<void> {
  for (const entry of await readdir(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    await (entry.isDirectory() ? treeOntoDisk(path) : fileOntoDisk(path));
  }
  await folderOntoDisk(folder);
}
