import { refused } from '../http/problem.js';
import { cleanPicture, UnreadablePicture, type CleanPicture } from './face/photoFiles.js';

/** A picture as it is kept, out of what was sent; what is none is refused by name. */
export async function readPicture(sent: Buffer): Promise<CleanPicture> {
  try {
    return await cleanPicture(sent);
  } catch (fault) {
    if (fault instanceof UnreadablePicture) throw refused([fault.problem]);
    throw fault;
  }
}
