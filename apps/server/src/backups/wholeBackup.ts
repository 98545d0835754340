import { createReadStream, existsSync } from 'node:fs';
import type { Readable } from 'node:stream';
import { finished } from 'node:stream/promises';
import type { BackupContents } from '@lone-heron/contract';
import { ZipFile } from 'yazl';
import { backupNames } from './backupNames.js';
import { poolBeside } from './photoPool.js';
import { contentsOf, eachEntry, photosBeside } from './unpackBackup.js';

/** A backup as one file that holds everything, to be kept elsewhere: with its photos within, while it is read. */
export async function wholeBackup(file: string): Promise<Readable> {
  const contents = await contentsOf(file);
  if (contents.photosLie === 'within') return createReadStream(file);
  const pool = poolBeside(file);
  const hashes = await photosBeside(file);
  const gone = hashes.filter((hash) => !existsSync(pool.pathOf(hash)));
  const within: BackupContents = {
    ...{ ...contents, version: 1, photosLie: 'within' },
    lostPhotos: [...contents.lostPhotos, ...gone],
  };
  const zip = new ZipFile();
  const whole = zip.outputStream as Readable;
  const breakOff = (fault: Error) => void whole.destroy(fault);
  // It tells what it cannot read here, not on what it writes.
  zip.on('error', breakOff);
  zip.addBuffer(Buffer.from(JSON.stringify(within, null, 1)), backupNames.contents);
  eachEntry(file, async ({ fileName }, read) => {
    if (fileName !== backupNames.database) return;
    const database = await read();
    zip.addReadStream(database, backupNames.database);
    for (const hash of hashes.filter((each) => !gone.includes(each)))
      zip.addFile(pool.pathOf(hash), `${backupNames.photos}${hash}`, { compress: false });
    zip.end();
    await finished(database);
  }).catch(breakOff);
  return whole;
}
