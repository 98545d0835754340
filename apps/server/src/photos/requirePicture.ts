import { largestPhoto } from '@lone-heron/contract';
import { refused } from '../http/problem.js';

/** A body that is the bytes of a picture, before anybody has looked whether it is one. */
export function requirePicture(body: unknown): Buffer {
  if (Buffer.isBuffer(body) && body.length > 0) return body;
  const megabytes = largestPhoto / 1024 / 1024;
  throw refused([
    { field: 'photo', given: 'no picture', allowed: `the bytes of one, up to ${megabytes} MB` },
  ]);
}
