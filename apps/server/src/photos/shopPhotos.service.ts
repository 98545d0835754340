import type { Person, ShopPhoto, ShopPhotoQuery } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { refused } from '../http/problem.js';
import { ClientRecords } from '../kit/ClientRecords.js';
import { RecordKit } from '../kit/recordKit.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { hashOf, PhotoFiles } from './face/photoFiles.js';
import { shopPhotoFromRow } from './face/shopPhotosOf.js';
import { readPicture } from './readPicture.js';
import { ShopPhotoEntity } from './shopPhoto.entity.js';

/** Photos of the shop and not of a coupon. */
@Injectable()
export class ShopPhotosService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly kit: RecordKit,
    private readonly machines: MachinesService,
    private readonly files: PhotoFiles,
  ) {}

  /** A machine's photos, newest first. */
  async list(machineId: string): Promise<ShopPhoto[]> {
    const rows = await this.dataSource.manager.find(ShopPhotoEntity, {
      where: { machineId },
      order: { addedAt: 'DESC', id: 'DESC' },
      take: 500,
    });
    return rows.map(shopPhotoFromRow);
  }

  /** Takes a picture in. Sending the same again is the same save; another under the same id is a conflict. */
  async add(
    id: string,
    sent: Buffer,
    { subject, machineId }: ShopPhotoQuery,
    by: Person,
  ): Promise<ShopPhoto> {
    const draft = { machineId, sentHash: hashOf(sent) };
    if ((await this.machines.find(machineId)) === null) throw refused([unknownMachine(machineId)]);
    const picture = await readPicture(sent);
    await this.files.keep(picture);
    const { hash, type, widthPx, heightPx, bytes } = picture;
    return this.kit.enter(by, async (entry) => {
      const { row } = await shopPhotos.write(entry, id, draft, async () => {
        await entry.manager.insert(ShopPhotoEntity, {
          ...{ id, ...draft, subject, hash, type, widthPx, heightPx },
          ...{ bytes: bytes.length, addedAt: entry.at, addedBy: by.id },
        });
      });
      return shopPhotoFromRow(row);
    });
  }
}

const shopPhotos = new ClientRecords<ShopPhotoEntity, Pick<ShopPhotoEntity, 'machineId' | 'sentHash'>>({
  entity: ShopPhotoEntity,
  ...{ called: 'photo', author: 'addedBy', takenBack: null },
  whose: ({ machineId }) => ({ machineId }),
  draftOf: ({ machineId, sentHash }) => ({ machineId, sentHash }),
});
