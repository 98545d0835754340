import type { FiledPhoto } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { PhotoEntity } from '../photo.entity.js';
import type { CleanPicture } from './photoFiles.js';

/** A photo with its picture made clean, ready to be kept. */
export interface NewPhoto {
  readonly photo: FiledPhoto;
  readonly picture: CleanPicture;
  readonly sentHash: string;
}

/** Stores photos that came in a file; their pictures lie in the folder already. */
export async function storePhotos(manager: EntityManager, photos: readonly NewPhoto[]): Promise<void> {
  for (const { photo, picture, sentHash } of photos) {
    const { id, couponId, subject, addedAt, addedBy } = photo;
    const { hash, type, widthPx, heightPx, bytes } = picture;
    await manager.insert(PhotoEntity, {
      ...{ id, couponId, subject, addedAt, addedBy },
      ...{ hash, sentHash, type, widthPx, heightPx, bytes: bytes.length },
      withdrawnAt: null,
    });
  }
}
