import { largestCouponFile, largestExchange, largestLoggerFile, largestPhoto } from '@lone-heron/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { IncomingMessage } from 'node:http';
import { isDoor } from '../access/doorBeforeBodies.js';
import { bodyLimit, requireShallow } from './bodyProblems.js';

/** Name, PIN and little else. */
const doorLimit = '4kb';

/** Where files are taken in, and how large, bytes. */
const files: readonly { readonly path: RegExp; readonly limit: number }[] = [
  { path: /^\/api\/(coupons\/[^/]+\/photos|shop-photos)\//, limit: largestPhoto },
  { path: /^\/api\/coupon-files\/zip\//, limit: largestCouponFile.zip },
  { path: /^\/api\/coupon-files\//, limit: largestCouponFile.csv },
  { path: /^\/api\/exchange\//, limit: largestExchange },
  { path: /^\/api\/logged-light\//, limit: largestLoggerFile },
];
const fileType = /^(image\/|application\/(octet-stream|zip)\b)/;

/** Reads bodies: JSON everywhere, files where files are taken in, each no larger than it may be there. */
export function readBodies(app: NestExpressApplication): void {
  app.useBodyParser('json', {
    limit: doorLimit,
    verify: requireShallow,
    strict: false,
    type: (request) => isDoor(pathOf(request)) && isJson(request),
  });
  app.useBodyParser('json', { limit: bodyLimit, verify: requireShallow, strict: false });
  for (const { path, limit } of files)
    app.useBodyParser('raw', {
      limit,
      type: (request) => fileType.test(request.headers['content-type'] ?? '') && path.test(pathOf(request)),
    });
}

function pathOf({ url = '' }: IncomingMessage): string {
  return url.split('?')[0] ?? '';
}

function isJson({ headers }: IncomingMessage): boolean {
  return (headers['content-type'] ?? '').startsWith('application/json');
}
