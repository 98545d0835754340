import type { Person, Photo, PhotoQuery } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { ChangesService } from '../changes/changes.service.js';
import { requireCoupon } from '../coupons/requireCoupon.js';
import { conflict, notFound } from '../http/problem.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { PhotoEntity } from './photo.entity.js';
import { ShopPhotoEntity } from './shopPhoto.entity.js';
import { hashOf, PhotoFiles } from './photoFiles.js';
import { readPicture } from './readPicture.js';

/** A stored file to answer with. */
export interface StoredPicture {
  readonly path: string;
  readonly type: string;
}

@Injectable()
export class PhotosService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly changes: ChangesService,
    private readonly clock: Clock,
    private readonly files: PhotoFiles,
  ) {}

  /** A coupon's photos, oldest first, those taken away left out. */
  async list(couponId: string): Promise<Photo[]> {
    const rows = await this.dataSource.manager.find(PhotoEntity, {
      where: { couponId, withdrawnAt: IsNull() },
      order: { addedAt: 'ASC', id: 'ASC' },
    });
    return rows.map(photoFromRow);
  }

  /** Takes a picture in. Sending the same again is the same save; another under the same id is a conflict. */
  async add(id: string, couponId: string, sent: Buffer, query: PhotoQuery, by: Person): Promise<Photo> {
    const sentHash = hashOf(sent);
    const { manager } = this.dataSource;
    const stored = await manager.findOneBy(PhotoEntity, { id });
    if (stored !== null) return sameSave(stored, couponId, sentHash);
    await requireCoupon(manager, couponId);
    const picture = await readPicture(sent);
    await this.files.keep(picture);
    const { hash, type, widthPx, heightPx, bytes } = picture;
    return this.writes.run(async (manager) => {
      const meanwhile = await manager.findOneBy(PhotoEntity, { id });
      if (meanwhile !== null) return sameSave(meanwhile, couponId, sentHash);
      await manager.insert(PhotoEntity, {
        ...{ id, couponId, hash, sentHash, type, widthPx, heightPx },
        subject: query.subject,
        bytes: bytes.length,
        addedAt: this.clock.now().toISOString(),
        addedBy: by.id,
        withdrawnAt: null,
      });
      return photoFromRow(await manager.findOneByOrFail(PhotoEntity, { id }));
    });
  }

  /** Takes a photo away, or puts it back; its bytes stay. Repeating it changes nothing. */
  setWithdrawn(id: string, withdrawn: boolean, by: Person): Promise<Photo> {
    return this.writes.run(async (manager) => {
      const row = await manager.findOneBy(PhotoEntity, { id });
      if (row === null) throw notFound('photo', id);
      if ((row.withdrawnAt !== null) !== withdrawn) {
        row.withdrawnAt = withdrawn ? this.clock.now().toISOString() : null;
        await manager.update(PhotoEntity, { id }, { withdrawnAt: row.withdrawnAt });
        const { number } = await requireCoupon(manager, row.couponId);
        const what = `${withdrawn ? 'took away' : 'put back'} a photo of coupon ${number}`;
        await this.changes.record(manager, { personId: by.id, noun: 'photo', subjectId: id, what });
      }
      return photoFromRow(row);
    });
  }

  /** Where a picture's bytes lie, by their hash. */
  async picture(hash: string, size: 'whole' | 'small'): Promise<StoredPicture> {
    const { manager } = this.dataSource;
    const row =
      (await manager.findOneBy(PhotoEntity, { hash })) ??
      (await manager.findOneBy(ShopPhotoEntity, { hash }));
    if (row === null) throw notFound('photo', hash);
    return size === 'small'
      ? { path: await this.files.small(hash), type: 'image/webp' }
      : { path: this.files.pathOf(hash), type: row.type };
  }
}

function sameSave(row: PhotoEntity, couponId: string, sentHash: string): Photo {
  if (row.couponId === couponId && row.sentHash === sentHash) return photoFromRow(row);
  throw conflict(`Photo ${row.id} is stored already with other content. A photo is never overwritten.`);
}

function photoFromRow(row: PhotoEntity): Photo {
  const { id, couponId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy } = row;
  return { id, couponId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy };
}
