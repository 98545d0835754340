import { refused } from './problem.js';

/** The bytes that were sent; refused where there are none. */
export function requireBytes(body: unknown): Buffer {
  if (Buffer.isBuffer(body) && body.length > 0) return body;
  throw refused([
    { field: 'file', given: 'nothing', allowed: 'the bytes of a file, as application/octet-stream' },
  ]);
}
