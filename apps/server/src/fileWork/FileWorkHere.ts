import { Injectable } from '@nestjs/common';
import type { Readable } from 'node:stream';
import { CouponFilesService } from '../couponFiles/couponFiles.service.js';
import { ExchangeService } from '../exchange/exchange.service.js';
import { readFile, writeFile, type FileServices } from './doFileOrder.js';
import type { ReadOrder, WriteOrder } from './FileOrder.js';
import { FileWork, type Watched } from './FileWork.js';

/** Files that are read and written by the thread that serves, where a shop is embedded without threads. */
@Injectable()
export class FileWorkHere extends FileWork {
  private readonly services: FileServices;

  constructor(couponFiles: CouponFilesService, exchange: ExchangeService) {
    super();
    this.services = { couponFiles, exchange };
  }

  async read(order: ReadOrder, { tell }: Watched): Promise<string> {
    return JSON.stringify(await readFile(this.services, order, tell));
  }

  write(order: WriteOrder): Promise<Readable> {
    return writeFile(this.services, order);
  }
}
