/** Builds each workspace whose files changed since its last build. Stamps are content hashes, so a clone builds once. */
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bundleServer } from './bundleServer.mjs';
import { bin, root } from './root.mjs';

const stamps = join(root, '.cache/build');

/** In the order of the arrows: what comes later is built from what comes before. */
const workspaces = [
  { folder: 'packages/core', build: transpile },
  { folder: 'packages/contract', build: transpile },
  { folder: 'apps/server', build: bundledServer },
  { folder: 'apps/web', build: bundle },
  { folder: 'apps/rig', build: transpile },
];

let inputs = hash(
  ['package-lock.json', '.swcrc', 'tsconfig.base.json', 'tools/build.mjs', 'tools/bundleServer.mjs'].map(
    fromRoot,
  ),
);
for (const { folder, build } of workspaces) {
  inputs = createHash('sha256')
    .update(inputs)
    .update(hash(sourcesOf(folder)))
    .digest('hex');
  const stamp = join(stamps, folder.replace('/', '-'));
  const isBuilt = existsSync(join(root, folder, 'dist')) && existsSync(stamp);
  if (isBuilt && readFileSync(stamp, 'utf8') === inputs) continue;
  console.error(`Building ${folder}`);
  rmSync(join(root, folder, 'dist'), { recursive: true, force: true });
  await build(join(root, folder));
  mkdirSync(stamps, { recursive: true });
  writeFileSync(stamp, inputs);
}

function transpile(folder) {
  const options = ['--strip-leading-paths', '--quiet', '--config-file', join(root, '.swcrc')];
  run(folder, bin('swc'), ['src', '-d', 'dist', ...options]);
}

async function bundledServer(folder) {
  transpile(folder);
  await bundleServer(folder);
}

function bundle(folder) {
  run(folder, bin('vite'), ['build', '--logLevel', 'warn']);
}

function run(folder, command, args) {
  // Whatever calls this, a test runner included, gets the interface as it is shipped.
  const env = { ...process.env, NODE_ENV: 'production' };
  try {
    execFileSync(command, args, { cwd: folder, stdio: ['ignore', 'pipe', 'pipe'], env });
  } catch (failure) {
    // What a build that went well has to say is for nobody who starts the shop.
    process.stderr.write(failure.stdout);
    process.stderr.write(failure.stderr);
    process.exit(1);
  }
}

function fromRoot(path) {
  return join(root, path);
}

/** Everything a build reads: sources without their tests, and the workspace's own settings. */
function sourcesOf(folder) {
  const skipped = /(^|\/)(dist|node_modules)(\/|$)|\.test\.tsx?$/;
  // The interface brings the handbook and its pictures with it.
  const folders = folder === 'apps/web' ? [folder, 'docs/handbook', 'docs/screenshots'] : [folder];
  return folders
    .flatMap((each) => readdirSync(join(root, each), { recursive: true, withFileTypes: true }))
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((path) => !skipped.test(path.slice(root.length)))
    .sort();
}

function hash(paths) {
  const digest = createHash('sha256');
  for (const path of paths) digest.update(path.slice(root.length)).update(readFileSync(path));
  return digest.digest('hex');
}
