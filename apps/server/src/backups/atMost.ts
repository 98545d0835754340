import { Transform } from 'node:stream';
import { refused } from '../http/problem.js';

/**
 * Lets so many bytes through and no more.
 *
 * @param what is sent, as the refusal calls it
 * @throws ProblemException 422, as the stream's error, for one byte more
 */
export function atMost(bytes: number, what: string): Transform {
  let passed = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      passed += chunk.length;
      if (passed <= bytes) done(null, chunk);
      else
        done(
          refused([
            {
              field: 'file',
              given: `more than ${inGigabytes(bytes)}`,
              allowed: `${what} of up to ${inGigabytes(bytes)}`,
            },
          ]),
        );
    },
  });
}

const inGigabytes = (bytes: number): string => `${bytes / 1024 ** 3} GB`;
