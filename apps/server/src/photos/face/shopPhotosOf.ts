import type { ShopPhoto } from '@lone-heron/contract';
import { In, type EntityManager } from 'typeorm';
import { ShopPhotoEntity } from '../shopPhoto.entity.js';

/** Photos of the shop by their ids, oldest first; those that have not arrived are left out. */
export async function shopPhotosOf(manager: EntityManager, ids: readonly string[]): Promise<ShopPhoto[]> {
  const rows = await manager.find(ShopPhotoEntity, {
    where: { id: In([...new Set(ids)]) },
    order: { addedAt: 'ASC', id: 'ASC' },
  });
  return rows.map(shopPhotoFromRow);
}

/** A photo of the shop as the client sees it. */
export function shopPhotoFromRow(row: ShopPhotoEntity): ShopPhoto {
  const { id, machineId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy } = row;
  return { id, machineId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy };
}
