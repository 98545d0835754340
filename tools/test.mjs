/**
 * Everything that is checked: types, lint, formatting, layers, unused code, the tests of every workspace, and the
 * browser tests on the built application. Closes with "N passed, N failed" on a line of its own.
 */
import { bin, check, checkTwoAtATime, close, jest } from './test/tally.mjs';

const workspaces = ['packages/contract', 'apps/server', 'apps/web'];

await checkTwoAtATime([
  ['lint', bin('eslint'), ['.', '--max-warnings', '0', '--cache', '--cache-location', '.cache/eslint']],
  ...['packages/core', ...workspaces, 'e2e'].map((each) => [`types ${each}`, bin('tsc'), ['-p', each]]),
  ['formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
  ['layers', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']],
  ['unused code', bin('knip'), []],
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
check('build', process.execPath, ['tools/build.mjs']);
check('golden answers', process.execPath, ['tools/verify.mjs']);
jest('browser tests', ['--projects', 'e2e', twoWorkers]);

close();
