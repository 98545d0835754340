import type { Person, ShopPhoto, ShopPhotoQuery } from '@lone-heron/contract';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { conflict, refused } from '../http/problem.js';
import { MachinesService, unknownMachine } from '../machines/machines.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { Clock } from '../time/clock.js';
import { hashOf, PhotoFiles } from './photoFiles.js';
import { readPicture } from './readPicture.js';
import { ShopPhotoEntity } from './shopPhoto.entity.js';

/** Photos of the shop and not of a coupon. */
@Injectable()
export class ShopPhotosService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly writes: WriteQueue,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
    private readonly files: PhotoFiles,
  ) {}

  /** A machine's photos, newest first. */
  async list(machineId: string): Promise<ShopPhoto[]> {
    const rows = await this.dataSource.manager.find(ShopPhotoEntity, {
      where: { machineId },
      order: { addedAt: 'DESC', id: 'DESC' },
      take: 500,
    });
    return rows.map(photoFromRow);
  }

  /** Takes a picture in. Sending the same again is the same save; another under the same id is a conflict. */
  async add(
    id: string,
    sent: Buffer,
    { subject, machineId }: ShopPhotoQuery,
    by: Person,
  ): Promise<ShopPhoto> {
    const sentHash = hashOf(sent);
    if ((await this.machines.find(machineId)) === null) throw refused([unknownMachine(machineId)]);
    const picture = await readPicture(sent);
    await this.files.keep(picture);
    const { hash, type, widthPx, heightPx, bytes } = picture;
    return this.writes.run(async (manager) => {
      const stored = await manager.findOneBy(ShopPhotoEntity, { id });
      if (stored === null) {
        await manager.insert(ShopPhotoEntity, {
          ...{ id, machineId, subject, hash, sentHash, type, widthPx, heightPx },
          ...{ bytes: bytes.length, addedAt: this.clock.now().toISOString(), addedBy: by.id },
        });
      } else if (stored.sentHash !== sentHash || stored.machineId !== machineId) {
        throw conflict(`Photo ${id} is stored already with other content. A photo is never overwritten.`);
      }
      return photoFromRow(await manager.findOneByOrFail(ShopPhotoEntity, { id }));
    });
  }
}

function photoFromRow(row: ShopPhotoEntity): ShopPhoto {
  const { id, machineId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy } = row;
  return { id, machineId, subject, hash, type, widthPx, heightPx, bytes, addedAt, addedBy };
}
