/**
 * What a small change touches: lint and formatting of its files, types of its workspaces and of all that depend on them, the
 * tests that import what changed, and the quick tests of the dependents. What is left out is said at the end.
 *
 * ./heron test --changed [BASE]: against BASE, by default what is not committed yet.
 */
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { bin, root } from './root.mjs';
import { checkTwoAtATime, close, jest } from './test/tally.mjs';
import { slowTests } from './test/slowTests.mjs';
import { types } from './test/types.mjs';
import { dependentsOf, workspaceGraph } from './test/workspaces.mjs';

/** Tests of a dependent are run whole where they take seconds. */
const quick = ['packages/contract', 'apps/web'];

const base = process.argv[2] ?? 'HEAD';
requireCommit(base);
const git = (...args) =>
  execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean);
const files = [
  ...git('diff', '--name-only', base),
  ...git('ls-files', '--others', '--exclude-standard'),
].filter((file) => existsSync(join(root, file)));
if (files.length === 0) {
  console.log(`Nothing is changed against ${base}.`);
  process.exit(0);
}
const graph = workspaceGraph();
const folderOf = (file) => [...graph.keys()].find((folder) => file.startsWith(`${folder}/`));
const changed = [...new Set(files.map(folderOf).filter((folder) => folder !== undefined))];
const dependents = dependentsOf(changed, graph);
const code = files.filter((file) => /\.(ts|tsx|mjs|cjs|js)$/.test(file));
console.log(
  `${files.length} files in ${changed.join(', ') || 'no workspace'}; depending: ${dependents.join(', ') || 'none'}`,
);

await checkTwoAtATime([
  ...[...changed, ...dependents].map(types),
  ...(code.length === 0 ? [] : [['lint', bin('oxlint'), ['--no-error-on-unmatched-pattern', ...code]]]),
  ['formatting', bin('prettier'), ['--check', '--ignore-unknown', '--log-level', 'warn', ...files]],
  ['layers', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'packages', 'apps', 'e2e']],
  ['unused code', bin('knip'), []],
  ['public faces', process.execPath, ['tools/publicFaces.mjs']],
]);
const leftOut = [];
for (const folder of changed.filter((each) => each !== 'e2e')) {
  const mine = code.filter((file) => folderOf(file) === folder).map((file) => join(root, file));
  if (mine.length === 0) continue;
  const skipped = folder === 'packages/core' ? slowTests : [];
  const config = ['-c', `${folder}/jest.config.cjs`];
  const which = [
    ...skipped.flatMap((name) => ['--testPathIgnorePatterns', name]),
    ...['--findRelatedTests', ...mine],
  ];
  const related = execFileSync(bin('jest'), [...config, '--listTests', ...which], {
    cwd: root,
    encoding: 'utf8',
  });
  if (related.trim() === '') console.log(`No test of ${folder} imports what changed.`);
  else
    jest(`tests of ${folder} that import what changed`, [
      ...config,
      '--maxWorkers=2',
      '--testTimeout=60000',
      ...which,
    ]);
  leftOut.push(...skipped.map((name) => `${folder}: ${name}`));
}
for (const folder of dependents.filter((each) => quick.includes(each)))
  jest(`tests of ${folder}`, ['-c', `${folder}/jest.config.cjs`, '--maxWorkers=2', '--testTimeout=60000']);
leftOut.push(
  ...dependents.filter((each) => !quick.includes(each) && each !== 'e2e').map((each) => `all of ${each}`),
);
const browserTests = files.filter((file) => /^e2e\/.*\.test\.ts$/.test(file));
if (browserTests.length > 0)
  jest('browser tests that changed', [
    '--projects',
    'e2e',
    '--maxWorkers=2',
    '--runTestsByPath',
    ...browserTests,
  ]);
leftOut.push(
  browserTests.length > 0 ? 'the other browser tests' : 'the browser tests',
  'the server’s tests on PostgreSQL',
  'golden answers, coverage',
);
console.log(`\nLeft out, for ./heron test: ${leftOut.join('; ')}.`);
close();

function requireCommit(name) {
  try {
    execFileSync('git', ['rev-parse', '--verify', '--quiet', `${name}^{commit}`], {
      cwd: root,
      stdio: 'ignore',
    });
  } catch {
    console.error(`heron: --changed takes a commit of this repository; "${name}" is none.`);
    process.exit(1);
  }
}
