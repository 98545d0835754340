import { copyFile, rename, rm } from 'node:fs/promises';
import { fileOntoDisk } from './ontoDisk.js';

/** Copies a file beside its place and moves it there once it is on the disk. */
export async function copyWhole(from: string, to: string): Promise<void> {
  const part = `${to}.part`;
  try {
    await copyFile(from, part);
    await fileOntoDisk(part);
    await rename(part, to);
  } finally {
    await rm(part, { force: true });
  }
}
