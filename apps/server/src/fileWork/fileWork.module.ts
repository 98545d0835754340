import { Module, type DynamicModule } from '@nestjs/common';
import { CouponFilesController } from '../couponFiles/couponFiles.controller.js';
import { CouponFilesModule } from '../couponFiles/couponFiles.module.js';
import { ExchangeController } from '../exchange/exchange.controller.js';
import { ExchangeModule } from '../exchange/exchange.module.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { FileWork } from './FileWork.js';
import { FileWorkController } from './fileWork.controller.js';
import { FileWorkHere } from './FileWorkHere.js';
import { FileWorkInThread } from './FileWorkInThread.js';
import { FilesUnderWay } from './filesUnderWay.js';

/** Global: the routes of files, and who reads and writes them. */
@Module({})
export class FileWorkModule {
  /** @param isInThreads whether files are worked on in threads of their own */
  static over(place: ShopPlace, isInThreads: boolean): DynamicModule {
    const inThread = {
      provide: FileWork,
      inject: [WriteQueue],
      useFactory: (writes: WriteQueue) => new FileWorkInThread(place, writes),
    };
    return {
      module: FileWorkModule,
      global: true,
      imports: [CouponFilesModule, ExchangeModule],
      controllers: [FileWorkController, CouponFilesController, ExchangeController],
      providers: [FilesUnderWay, isInThreads ? inThread : { provide: FileWork, useClass: FileWorkHere }],
      exports: [FileWork, FilesUnderWay],
    };
  }
}
