import type { PhotoFiles } from '../photos/face/photoFiles.js';

/** Which of some photos are gone, or are not the picture any more whose hash they lie under. */
export async function lostPhotosOf(
  photos: PhotoFiles,
  hashes: readonly string[],
): Promise<ReadonlySet<string>> {
  const lost = new Set<string>();
  for (const hash of hashes) if (!(await photos.isWhole(hash))) lost.add(hash);
  return lost;
}
