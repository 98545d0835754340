import { createServer } from 'node:net';
import { StartFault } from './StartFault.js';

/**
 * Makes sure that a port can be had before anything is made in the data folder.
 *
 * @throws StartFault for a port that is taken or may not be used
 */
export function requireFreePort(port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error: Error) => reject(portFault(error, port)));
    probe.listen(port, host, () => probe.close(() => resolve()));
  });
}

/** What to tell of a port that cannot be listened on; other errors as they are. */
export function portFault(error: Error, port: number): Error {
  const { code } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE') return new StartFault(`Port ${port} is taken. Give another one in PORT.`);
  if (code === 'EACCES') return new StartFault(`Port ${port} may not be used. Give one above 1023 in PORT.`);
  return error;
}
