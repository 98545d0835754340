import { Module, type DynamicModule } from '@nestjs/common';
import type { MessagePort } from 'node:worker_threads';
import { DataSource } from 'typeorm';
import { ChangesModule } from '../changes/changes.module.js';
import { CouponFilesModule } from '../couponFiles/couponFiles.module.js';
import { ExchangeModule } from '../exchange/exchange.module.js';
import { KitModule } from '../kit/kit.module.js';
import { PhotosModule } from '../photos/photos.module.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { StorageModule } from '../storage/storage.module.js';
import { TelemetryModule } from '../telemetry/telemetry.module.js';
import { TimeModule } from '../time/time.module.js';
import { Turns } from './Turns.js';

/** What of a shop a thread needs that reads and writes its files: nothing that listens, nothing that wakes by itself. */
@Module({})
export class FilesShopModule {
  static over(place: ShopPlace, port: MessagePort): DynamicModule {
    return {
      module: FilesShopModule,
      imports: [
        TimeModule,
        StorageModule.beside(place, (dataSource: DataSource) => new Turns(dataSource, port)),
        ChangesModule,
        KitModule,
        PhotosModule.of(place),
        TelemetryModule.asleep(place),
        CouponFilesModule,
        ExchangeModule,
      ],
    };
  }
}
