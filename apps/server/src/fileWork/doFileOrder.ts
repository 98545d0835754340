import type { Readable } from 'node:stream';
import type { CouponFilesService } from '../couponFiles/couponFiles.service.js';
import type { ExchangeService } from '../exchange/exchange.service.js';
import type { ReadOrder, WriteOrder } from './FileOrder.js';
import type { TellProgress } from './FileWork.js';

/** Those who know what stands in a file. */
export interface FileServices {
  readonly couponFiles: CouponFilesService;
  readonly exchange: ExchangeService;
}

/** Reads a file in, or looks at it. @returns what is answered */
export function readFile(
  { couponFiles, exchange }: FileServices,
  order: ReadOrder,
  tell: TellProgress,
): Promise<object> {
  const bytes = Buffer.from(order.bytes.buffer, order.bytes.byteOffset, order.bytes.byteLength);
  switch (order.job) {
    case 'couponFile.preview':
      return couponFiles.preview({ ...order, bytes }, tell);
    case 'couponFile.store':
      return couponFiles.store({ ...order, bytes }, order.hash, tell);
    case 'exchange.preview':
      return exchange.preview({ ...order, bytes, taken: new Set(order.taken) }, tell);
    case 'exchange.store':
      return exchange.store({ ...order, bytes, taken: new Set(order.taken) }, order.hash, tell);
  }
}

/** Begins to write a file. */
export function writeFile({ couponFiles, exchange }: FileServices, order: WriteOrder): Promise<Readable> {
  return order.job === 'couponFile.write' ? couponFiles.write(order) : exchange.write(order);
}
