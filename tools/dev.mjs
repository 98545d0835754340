/** Rebuilds and restarts as files change: the server on PORT, the interface with hot reloading on 4181. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { bin, root } from './root.mjs';

const children = [
  ...['packages/core', 'packages/contract', 'apps/server'].map((folder) =>
    start(
      bin('swc'),
      ['src', '-d', 'dist', '-w', '--strip-leading-paths', '--quiet', '--config-file', join(root, '.swcrc')],
      folder,
    ),
  ),
  start(process.execPath, ['--watch', '--enable-source-maps', 'apps/server/dist/main.js'], '.', {
    HERON_DEMO: '1',
  }),
  start(bin('vite'), [], 'apps/web'),
];

for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    for (const child of children) child.kill(signal);
  });
}

function start(command, args, folder, env = {}) {
  return spawn(command, args, { cwd: join(root, folder), stdio: 'inherit', env: { ...process.env, ...env } });
}
