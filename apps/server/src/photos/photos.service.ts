import type { Person, Photo, PhotoQuery } from '@lone-heron/contract';
import { readFile } from 'node:fs/promises';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { requireCoupon } from '../coupons/face/requireCoupon.js';
import { notFound, ProblemException } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { PhotoEntity } from './photo.entity.js';
import { ShopPhotoEntity } from './shopPhoto.entity.js';
import { hashOf, PhotoFiles } from './face/photoFiles.js';
import { photoFromRow } from './photoFromRow.js';
import { readPicture } from './readPicture.js';

/** A stored picture to answer with. */
export interface StoredPicture {
  readonly bytes: Buffer;
  readonly type: string;
}

@Injectable()
export class PhotosService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
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
    const draft = { couponId, sentHash: hashOf(sent) };
    const { manager } = this.dataSource;
    // Before the picture is read, which is dear.
    const stored = await photos.again({ manager, by }, id, draft);
    if (stored !== null) return photoFromRow(stored);
    await requireCoupon(manager, couponId);
    const picture = await readPicture(sent);
    await this.files.keep(picture);
    const { hash, type, widthPx, heightPx, bytes } = picture;
    return this.kit.enter(by, async (entry) => {
      const { row } = await photos.write(entry, id, draft, async () => {
        await entry.manager.insert(PhotoEntity, {
          ...{ id, ...draft, hash, type, widthPx, heightPx, bytes: bytes.length, subject: query.subject },
          ...{ addedAt: entry.at, addedBy: by.id, withdrawnAt: null },
        });
      });
      return photoFromRow(row);
    });
  }

  /** Takes a photo away, or puts it back; its bytes stay. Repeating it changes nothing. */
  setWithdrawn(id: string, isWithdrawn: boolean, by: Person): Promise<Photo> {
    return this.kit.enter(by, async (entry) => {
      const did = isWithdrawn ? 'took away' : 'put back';
      const row = await photos.setTakenBack(entry, id, isWithdrawn, async ({ couponId }) => {
        const { number } = await requireCoupon(entry.manager, couponId);
        await entry.tell('photo', id, `${did} a photo of coupon ${number}`);
      });
      return photoFromRow(row);
    });
  }

  /** A picture by the hash of its bytes, which are looked at each time: a damaged one is told and never shown. */
  async picture(hash: string, size: 'whole' | 'small'): Promise<StoredPicture> {
    const { manager } = this.dataSource;
    const row =
      (await manager.findOneBy(PhotoEntity, { hash })) ??
      (await manager.findOneBy(ShopPhotoEntity, { hash }));
    if (row === null) throw notFound('photo', hash);
    const bytes = await this.files.read(hash);
    if (typeof bytes === 'string') throw lostPhoto(hash, bytes);
    return size === 'small'
      ? { bytes: await readFile(await this.files.small(hash)), type: 'image/webp' }
      : { bytes, type: row.type };
  }
}

const photos = new ClientRecords<PhotoEntity, Pick<PhotoEntity, 'couponId' | 'sentHash'>>({
  entity: PhotoEntity,
  ...{ called: 'photo', author: 'addedBy', takenBack: 'withdrawnAt' },
  whose: ({ couponId }, manager) => requireCoupon(manager, couponId),
  draftOf: ({ couponId, sentHash }) => ({ couponId, sentHash }),
});

function lostPhoto(hash: string, why: 'gone' | 'damaged'): ProblemException {
  const what = why === 'gone' ? 'gone from the disk' : 'damaged';
  return new ProblemException({
    type: 'about:blank',
    title: 'Photo lost',
    status: 404,
    detail: `The file of photo ${hash} is ${what}; a backup may have it.`,
  });
}
