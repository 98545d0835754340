import { existsSync } from 'node:fs';
import type { PhotoFiles } from '../photos/face/photoFiles.js';
import { fileHash } from '../storage/fileHash.js';

/** Which of some photos are gone, or are not the picture any more whose hash they lie under. */
export async function lostPhotosOf(
  photos: PhotoFiles,
  hashes: readonly string[],
): Promise<ReadonlySet<string>> {
  const lost = new Set<string>();
  for (const hash of hashes) if (!(await isWhole(photos.pathOf(hash), hash))) lost.add(hash);
  return lost;
}

async function isWhole(path: string, hash: string): Promise<boolean> {
  if (!existsSync(path)) return false;
  // A photo on a spot of the disk that cannot be read is lost as well, and keeps nothing else from being copied.
  return fileHash(path).then(
    (found) => found === hash,
    () => false,
  );
}
