/**
 * Everything that is checked: types, lint, formatting, layers, unused code, the tests of every workspace, and the
 * browser tests on the built application. Closes with "N passed, N failed" on a line of its own.
 */
import { bin } from './root.mjs';
import { check, checkTwoAtATime, close, jest } from './test/tally.mjs';
import { types } from './test/types.mjs';

const workspaces = ['packages/contract', 'apps/server', 'apps/web', 'apps/rig'];

// The longest first, so that two cores end together.
await checkTwoAtATime([
  lint('apps/web'),
  lint('apps/server'),
  types('apps/web'),
  lint('packages/core', 'packages/contract', 'apps/rig'),
  types('apps/server'),
  ['formatting', bin('prettier'), ['--check', '--log-level', 'warn', '--cache', '.']],
  lint('e2e', 'tools', '*.js', '*.cjs'),
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
check('build', process.execPath, ['tools/build.mjs']);
check('golden answers', process.execPath, ['tools/verify.mjs']);
// A browser waits as long as it works: a third file fills two cores.
jest('browser tests', ['--projects', 'e2e', '--maxWorkers=3']);

close();

function lint(...folders) {
  const cache = ['--cache', '--cache-location', `.cache/eslint/${folders[0].replaceAll('/', '-')}`];
  return [`lint ${folders.join(', ')}`, bin('eslint'), [...folders, '--max-warnings', '0', ...cache]];
}
