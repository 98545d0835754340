import { createRequire, isBuiltin } from 'node:module';
import { join } from 'node:path';
import { rolldown } from 'rolldown';

/** What a shop starts, and the threads it starts itself: each a file that the others find beside them. */
const entries = {
  main: 'main.js',
  backupCommand: 'backupCommand.js',
  checkCommand: 'checkCommand.js',
  moveCommand: 'moveCommand.js',
  backupThread: 'backups/backupThread.js',
  readThread: 'storage/readThread.js',
  insideThread: 'fileWork/insideThread.js',
  heicThread: 'photos/face/heicThread.js',
};

/** Packages that bring compiled parts, start threads by the path of their own files, ask where they lie, or hand their files out. */
const leftOutside = [
  'heic-decode',
  'modbus-serial',
  'better-sqlite3',
  'pg',
  'sharp',
  '@node-rs/argon2',
  'pino',
  'pino-roll',
  'swagger-ui-dist',
];

/**
 * The server in few files: of its start two thirds were spent on finding and opening 3,000 of them.
 *
 * @param folder of the server, transpiled into its dist
 */
export async function bundleServer(folder) {
  const dist = join(folder, 'dist');
  const require = createRequire(join(folder, 'package.json'));
  const bundle = await rolldown({
    input: Object.fromEntries(Object.entries(entries).map(([name, file]) => [name, join(dist, file)])),
    platform: 'node',
    // As a module it asks for the same by a require of its own, and would get a second copy.
    resolve: { alias: { 'nestjs-zod': require.resolve('nestjs-zod') } },
    external: (id, from) => isBuiltin(id) || isLeftOutside(id) || !isInstalled(id, from),
  });
  const { output } = await bundle.write({
    dir: join(dist, 'served'),
    format: 'esm',
    entryFileNames: '[name].js',
    chunkFileNames: 'part-[hash].js',
    keepNames: true,
  });
  await bundle.close();
  requireThreads(output);
}

/** A thread that is no entry would be missed by whoever needs it, in the shop. */
function requireThreads(output) {
  const there = new Set(output.map(({ fileName }) => fileName));
  for (const { fileName, code = '' } of output)
    for (const [, name] of code.matchAll(/new URL\(["']\.\/([^"']+)["'], import\.meta\.url\)/g))
      if (!there.has(name))
        throw new Error(`${fileName} starts ${name}, which is no entry of tools/bundleServer.mjs`);
}

function isLeftOutside(id) {
  return leftOutside.some((name) => id === name || id.startsWith(`${name}/`));
}

/** Drivers and transports that frameworks would take if they were there are asked for as before, and not found as before. */
function isInstalled(id, from) {
  if (id.startsWith('.') || id.startsWith('/') || from === undefined) return true;
  try {
    createRequire(from).resolve(id);
    return true;
  } catch (fault) {
    // Packages of modules alone are there and cannot be required.
    return fault.code !== 'MODULE_NOT_FOUND';
  }
}
