import type { Photo } from '@lone-heron/contract';
import type { PhotoEntity } from './photo.entity.js';

/** A photo as the client sees it. */
export function photoFromRow(row: PhotoEntity): Photo {
  const { id, couponId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy } = row;
  return { id, couponId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy };
}
