import { readFileSync } from 'node:fs';
import { createSecureContext } from 'node:tls';
import type { ServerSettings } from './settings.js';
import { StartFault } from './StartFault.js';

/** Certificate and key to serve HTTPS with. */
export interface Tls {
  readonly cert: Buffer;
  readonly key: Buffer;
}

/**
 * Reads the given certificate files and makes sure that they belong together.
 *
 * @throws StartFault for a file that cannot be read, or that is no certificate or key
 */
export function readTls(files: ServerSettings['tlsFiles']): Tls | null {
  if (files === null) return null;
  const tls = { cert: readOrRefuse(files.cert), key: readOrRefuse(files.key) };
  try {
    createSecureContext(tls);
  } catch (error) {
    throw new StartFault(
      `HTTPS cannot be served with ${files.cert} and ${files.key} (${(error as Error).message}).`,
    );
  }
  return tls;
}

function readOrRefuse(file: string): Buffer {
  try {
    return readFileSync(file);
  } catch (error) {
    throw new StartFault(
      `The file ${file} cannot be read (${(error as NodeJS.ErrnoException).code ?? String(error)}).`,
    );
  }
}
