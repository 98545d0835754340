import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

/** Gzipped script that the built page names before it can show anything: its modules and their preloads. */
export function firstScreenScript() {
  const what = 'script of the first screen, gzipped';
  const bound = 'under 200 kB in at most 12 files';
  const dist = new URL('../../apps/web/dist/', import.meta.url);
  if (!existsSync(new URL('first-screen.json', dist))) return { what, value: 'not built', bound, ok: false };
  const files = JSON.parse(readFileSync(new URL('first-screen.json', dist), 'utf8'));
  const bytes = files.reduce((sum, file) => sum + gzipSync(readFileSync(new URL(file, dist))).length, 0);
  return {
    what,
    value: `${(bytes / 1000).toFixed(1)} kB in ${files.length} files`,
    bound,
    ok: bytes < 200_000 && files.length <= 12,
  };
}
