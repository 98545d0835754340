import { refused } from './problem.js';

/** A file that cannot be read as a whole. */
export function refuseFile(given: string, allowed: string) {
  return refused([{ field: 'file', given, allowed }]);
}
