/**
 * Everything that is checked: types, lint, formatting, layers, unused code, the tests of every workspace, and the
 * browser tests on the built application. Closes with "N passed, N failed" on a line of its own.
 */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const bin = (name) => join(root, 'node_modules/.bin', name);
const scratch = mkdtempSync(join(tmpdir(), 'heron-test-'));
const workspaces = ['packages/contract', 'apps/server', 'apps/web'];
const total = { passed: 0, failed: 0 };

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

rmSync(scratch, { recursive: true });
console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);

/** One command that either holds or does not. */
function check(what, command, args) {
  const started = Date.now();
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit' });
  count(what, status === 0 ? 1 : 0, status === 0 ? 0 : 1, started);
}

/** Commands that either hold or do not and do not touch each other, on two cores; each prints when it has ended. */
async function checkTwoAtATime(commands) {
  const waiting = [...commands];
  const work = async () => {
    for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
      const [what, command, args] = next;
      const started = Date.now();
      const { status, output } = await run(command, args);
      process.stdout.write(output);
      count(what, status === 0 ? 1 : 0, status === 0 ? 0 : 1, started);
    }
  };
  await Promise.all([work(), work()]);
}

function run(command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (output += chunk));
    child.once('error', (error) => resolve({ status: 1, output: `${error.message}\n` }));
    child.once('close', (status) => resolve({ status, output }));
  });
}

/** A run of Jest; a skipped test counts as failed, and so does a run that executed none. */
function jest(what, args) {
  const started = Date.now();
  const report = join(scratch, `${what.replaceAll(' ', '-')}.json`);
  const { status } = spawnSync(bin('jest'), ['--json', '--outputFile', report, ...args], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const { passed, failed } = readCounts(report);
  // All passed and yet not well: a threshold of coverage was missed.
  count(what, passed, failed === 0 && status !== 0 ? 1 : failed, started);
}

function readCounts(report) {
  try {
    const { numPassedTests, numFailedTests, numPendingTests, numTodoTests, numRuntimeErrorTestSuites } =
      JSON.parse(readFileSync(report, 'utf8'));
    const failed = numFailedTests + numPendingTests + numTodoTests + numRuntimeErrorTestSuites;
    return { passed: numPassedTests, failed: numPassedTests + failed === 0 ? 1 : failed };
  } catch (error) {
    console.error(`No report: ${error.message}`);
    return { passed: 0, failed: 1 };
  }
}

function count(what, passed, failed, started) {
  total.passed += passed;
  total.failed += failed;
  const seconds = ((Date.now() - started) / 1000).toFixed(1);
  console.log(`${failed === 0 ? 'ok  ' : 'FAIL'} ${what}: ${passed} passed, ${failed} failed, ${seconds} s`);
}
