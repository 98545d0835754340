import { execFileSync, spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const source = fileURLToPath(new URL('disk.c', import.meta.url));

/** A library that lets a disk fail, built for this machine; null where there is no compiler or no way to preload it. */
export function buildShim(folder) {
  if (process.platform !== 'linux' || spawnSync('cc', ['--version']).status !== 0) return null;
  const library = join(folder, 'disk.so');
  execFileSync('cc', ['-O1', '-shared', '-fPIC', '-o', library, source, '-ldl', '-lpthread']);
  return library;
}
