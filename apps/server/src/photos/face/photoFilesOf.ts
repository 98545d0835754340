import { join } from 'node:path';
import type { ShopPlace } from '../../storage/ShopPlace.js';
import { isBucketAddress, S3Bucket } from './S3Bucket.js';
import { PhotoFiles } from './photoFiles.js';

/** The pictures of a shop, wherever they lie: in a folder, or in a bucket, of which its own folder keeps what was fetched. */
export function photoFilesOf({ folder, photos }: Pick<ShopPlace, 'folder' | 'photos'>): PhotoFiles {
  return isBucketAddress(photos)
    ? new PhotoFiles(join(folder, 'photos'), new S3Bucket(photos))
    : new PhotoFiles(photos);
}
