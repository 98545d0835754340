/** Runs what is checked, prints each as it ends, and counts. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, root } from '../root.mjs';

const scratch = mkdtempSync(join(tmpdir(), 'heron-test-'));
const total = { passed: 0, failed: 0 };

/** Closes with "N passed, N failed" on a line of its own, and exit code 1 where one failed. */
export function close() {
  rmSync(scratch, { recursive: true });
  console.log(`\n${total.passed} passed, ${total.failed} failed`);
  process.exit(total.failed === 0 ? 0 : 1);
}

/** One command that either holds or does not. */
export function check(what, command, args) {
  const started = Date.now();
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit' });
  count(what, status === 0 ? 1 : 0, status === 0 ? 0 : 1, started);
}

/** Commands that either hold or do not and do not touch each other, on two cores; each prints when it has ended. */
export async function checkTwoAtATime(commands) {
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
export function jest(what, args) {
  const started = Date.now();
  const report = join(scratch, `${what.replaceAll(/\W+/g, '-')}.json`);
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
