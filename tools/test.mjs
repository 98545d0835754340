/**
 * Everything that is checked: types, lint, formatting, layers, unused code, the tests of every workspace, those of the server
 * on PostgreSQL too where it is installed, and the browser tests on the built application. Closes with "N passed, N failed" on a line of its own.
 */
import { forTests, postgresPrograms, startPostgres } from './postgres.mjs';
import { bin } from './root.mjs';
import { check, checkTwoAtATime, close, jest } from './test/tally.mjs';
import { types } from './test/types.mjs';

const workspaces = ['packages/contract', 'apps/server', 'apps/web', 'apps/rig'];

// The longest first, so that two cores end together.
await checkTwoAtATime([
  ['lint', bin('oxlint'), []],
  types('apps/web'),
  types('apps/server'),
  ['formatting', bin('prettier'), ['--check', '--log-level', 'warn', '--cache', '.']],
  types('packages/contract'),
  types('packages/core'),
  types('apps/rig'),
  types('e2e'),
  ['layers', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']],
  ['unused code', bin('knip'), []],
  ['public faces', process.execPath, ['tools/publicFaces.mjs']],
  ['compiled kernels', process.execPath, ['tools/kernels.mjs', '--check']],
  ['licences', process.execPath, ['tools/licences.mjs']],
]);
const twoWorkers = '--maxWorkers=2';
jest('tests of the core, with their coverage', [
  '-c',
  'packages/core/jest.config.cjs',
  '--coverage',
  twoWorkers,
]);
// Of several projects at once none sets the time a test may take: a server's cold start needs
// more than the usual 5 s, and on a machine that others use far more.
jest('tests of the other workspaces', ['--projects', ...workspaces, twoWorkers, '--testTimeout=60000']);
await testsOnPostgres();
check('build', process.execPath, ['tools/build.mjs']);
check('golden answers', process.execPath, ['tools/verify.mjs']);
// A browser waits as long as it works: a third file fills two cores.
jest('browser tests', ['--projects', 'e2e', '--maxWorkers=3']);

close();

/** The server's tests once more, over databases of a server that is gone with them. */
async function testsOnPostgres() {
  if (postgresPrograms() === null) {
    console.log('PostgreSQL is not installed: the server’s tests ran on files alone');
    return;
  }
  const server = await startPostgres(forTests);
  process.env.HERON_TEST_POSTGRES = server.url;
  try {
    jest('tests of the server on PostgreSQL', [
      '-c',
      'apps/server/jest.postgres.config.cjs',
      twoWorkers,
      '--testTimeout=60000',
    ]);
  } finally {
    delete process.env.HERON_TEST_POSTGRES;
    server.stop();
  }
}
