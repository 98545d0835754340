import type { Readable } from 'node:stream';
import { promisify } from 'node:util';
import yauzl, { type Entry, type Options, type ZipFile } from 'yauzl';

const options: Options = { lazyEntries: true, autoClose: false };
const openFile = promisify<string, Options, ZipFile>(yauzl.open);
const openBytes = promisify<Buffer, Options, ZipFile>(yauzl.fromBuffer);

/** Opens a ZIP: a file, or bytes. Entries that hold more than they say are refused while they are read. */
export function openZip(zip: string | Buffer): Promise<ZipFile> {
  return typeof zip === 'string' ? openFile(zip, options) : openBytes(zip, options);
}

/**
 * Visits the entries of a ZIP one after the other, and closes it.
 *
 * @param told what a fault of the ZIP itself is thrown as
 */
export async function eachZipEntry(
  zip: ZipFile,
  visit: (entry: Entry, read: () => Promise<Readable>) => Promise<void>,
  told: (fault: Error) => Error = (fault) => fault,
): Promise<void> {
  const openStream = promisify<Entry, Readable>(zip.openReadStream.bind(zip));
  try {
    await new Promise<void>((resolve, reject) => {
      zip.on('error', (fault: Error) => reject(told(fault)));
      zip.on('end', resolve);
      zip.on('entry', (entry: Entry) => {
        visit(entry, () => openStream(entry)).then(() => zip.readEntry(), reject);
      });
      zip.readEntry();
    });
  } finally {
    zip.close();
  }
}
