import type { Photo } from '@lone-heron/contract';
import { In, IsNull, type EntityManager } from 'typeorm';
import { inBatches } from '../../storage/inBatches.js';
import { PhotoEntity } from '../photo.entity.js';
import { photoFromRow } from '../photoFromRow.js';

/** Every photo of a coupon that was not taken away. */
export async function standingPhotos(manager: EntityManager): Promise<readonly Photo[]> {
  return (await manager.findBy(PhotoEntity, { withdrawnAt: IsNull() })).map(photoFromRow);
}

/** Photos of some coupons, those taken away among them. */
export async function photosOfCoupons(
  manager: EntityManager,
  couponIds: readonly string[],
): Promise<readonly Photo[]> {
  const rows = await inBatches(couponIds, (some) => manager.findBy(PhotoEntity, { couponId: In(some) }));
  return rows.map(photoFromRow);
}

/** A photo as it was sent and as it is kept. */
export interface KeptPhoto {
  readonly id: string;
  readonly couponId: string;
  /** Of the picture as it was sent, and as it is kept. */
  readonly sentHash: string;
  readonly hash: string;
}

/** Photos by their ids, those taken away among them. */
export function keptPhotos(manager: EntityManager, ids: readonly string[]): Promise<readonly KeptPhoto[]> {
  return inBatches(ids, (some) => manager.findBy(PhotoEntity, { id: In(some) }));
}
