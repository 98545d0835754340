import { statfs } from 'node:fs/promises';

/** With less room the next backups and a day's photos may not fit, bytes. */
export const leastFree = 1024 ** 3;

/** Bytes that are free where a folder lies, for whoever serves the shop. */
export async function freeBytesOn(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder);
  return bavail * bsize;
}
