import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { once } from 'node:events';
import type { Readable } from 'node:stream';
import { parentPort, workerData, type MessagePort } from 'node:worker_threads';
import { CouponFilesService } from '../couponFiles/couponFiles.service.js';
import { ExchangeService } from '../exchange/exchange.service.js';
import { WriteQueue } from '../storage/writeQueue.js';
import { readFile, writeFile } from './doFileOrder.js';
import type { FileOrder } from './FileOrder.js';
import { FilesShopModule } from './filesShop.module.js';
import type { TellProgress } from './FileWork.js';
import { toldFault, type FromThread, type ThreadData, type ToThread } from './threadWords.js';
import type { Turns } from './Turns.js';

/** Reads and writes files in a thread of its own, over its own connection, one after the other. @see FileThread.ts */

/** Bytes that are sent on at once. */
const chunkSize = 256 * 1024;
/** More often than this nobody can look, ms. */
const betweenTold = 200;

const port = parentPort as MessagePort;
const say = (word: FromThread) => port.postMessage(word);

/** Pieces of a file that were asked for and not sent yet. */
let asked = 0;
const orders: Extract<ToThread, { says: 'order' }>[] = [];
port.on('message', (told: ToThread) => {
  if (told.says === 'more') asked += 1;
  if (told.says === 'order') orders.push(told);
});

const { place } = workerData as ThreadData;
const shop = await NestFactory.createApplicationContext(FilesShopModule.over(place, port), {
  logger: ['error', 'warn'],
  abortOnError: false,
}).catch((fault: unknown) => {
  // Whoever ordered something waits for a word about it.
  say({ says: 'fault', fault: toldFault(fault) });
  throw fault;
});
const services = { couponFiles: shop.get(CouponFilesService), exchange: shop.get(ExchangeService) };
const turns: Turns = shop.get(WriteQueue);

for (;;) {
  while (orders.length === 0) await once(port, 'message');
  const { order, writes } = orders.shift() as (typeof orders)[number];
  asked = 0;
  turns.begin(writes);
  try {
    await work(order);
  } catch (fault) {
    say({ says: 'fault', fault: toldFault(fault) });
  }
}

async function work(order: FileOrder): Promise<void> {
  if (order.job === 'couponFile.write' || order.job === 'exchange.write') {
    const file = await writeFile(services, order);
    say({ says: 'begun' });
    await sendOn(file);
  } else {
    say({ says: 'answer', json: JSON.stringify(await readFile(services, order, seldom())) });
  }
}

/** Sends a file piece by piece, each once the last was taken: no more of it lies in memory than that. */
async function sendOn(file: Readable): Promise<void> {
  let parts: Buffer[] = [];
  let size = 0;
  for await (const part of file) {
    const bytes = Buffer.from(part as string | Buffer);
    parts.push(bytes);
    size += bytes.length;
    if (size < chunkSize) continue;
    await sendWhenAsked(Buffer.concat(parts));
    parts = [];
    size = 0;
  }
  if (size > 0) await sendWhenAsked(Buffer.concat(parts));
  say({ says: 'end' });
}

async function sendWhenAsked(bytes: Uint8Array): Promise<void> {
  while (asked === 0) await once(port, 'message');
  asked -= 1;
  say({ says: 'chunk', bytes });
}

function seldom(): TellProgress {
  let last = -Infinity;
  return (progress) => {
    if (performance.now() - last < betweenTold) return;
    last = performance.now();
    say({ says: 'progress', progress });
  };
}
