const { execFileSync, spawn } = require('node:child_process');
const { createServer } = require('node:net');
const { mkdtempSync } = require('node:fs');
const { tmpdir } = require('node:os');
const { join } = require('node:path');

const root = join(__dirname, '..');

const freePort = () =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/** Before all files of browser tests: builds once, and makes the sample workshop that each file takes a copy of. */
module.exports = async function seedOnce() {
  execFileSync(process.execPath, [join(root, 'tools/build.mjs')], { stdio: ['ignore', 2, 2] });
  const folder = mkdtempSync(join(tmpdir(), 'heron-seeded-'));
  const env = { ...process.env, HERON_DATA: folder, HERON_DEMO: '1', PORT: String(await freePort()) };
  const child = spawn(process.execPath, [join(root, 'apps/server/dist/served/main.js')], {
    env: { ...env, HERON_WEB: join(root, 'apps/web/dist') },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (chunk) => {
      if (String(chunk).includes('http://127.0.0.1:')) resolve();
    });
    child.once('exit', (code) =>
      reject(new Error(`the sample workshop was not made: it ended with ${code}`)),
    );
  });
  const ended = new Promise((resolve) => child.once('close', resolve));
  child.removeAllListeners('exit');
  child.kill('SIGINT');
  // Ended cleanly, what is in the folder is whole.
  await ended;
  process.env.HERON_E2E_SEEDED = folder;
};
