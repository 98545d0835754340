import type { EntityManager } from 'typeorm';
import { PhotoEntity } from '../photo.entity.js';
import { ShopPhotoEntity } from '../shopPhoto.entity.js';

/** The hashes of all photos that a shop names, each once. */
export async function namedPhotos(manager: EntityManager): Promise<ReadonlySet<string>> {
  const hashesOf = (entity: typeof PhotoEntity | typeof ShopPhotoEntity) =>
    manager
      .createQueryBuilder<{ hash: string }>(entity, 'it')
      .select('it.hash', 'hash')
      .distinct()
      .getRawMany<{ hash: string }>();
  const named = [...(await hashesOf(PhotoEntity)), ...(await hashesOf(ShopPhotoEntity))];
  return new Set(named.map(({ hash }) => hash));
}
