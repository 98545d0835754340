import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where the repository lies, and a command that it has installed. */
export const root = fileURLToPath(new URL('..', import.meta.url));
export const bin = (name) => join(root, 'node_modules/.bin', name);
