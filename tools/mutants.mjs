/**
 * Changes the core, or the rules of the contract, in one small way after another and asks its tests whether they notice.
 *
 * ./heron mutants              a sample of the files, drawn by HERON_SEED
 * ./heron mutants PATH ...     these files or folders
 * ./heron mutants --all        everything: a night's work
 */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { bin, root } from './root.mjs';
import { slowTests } from './test/slowTests.mjs';

/** One file in so many is drawn. */
const drawnOneIn = 20;
const seed = process.env.HERON_SEED ?? '20261128';
const workspaces = [
  {
    folder: 'packages/core',
    sources: /^packages\/core\/src\/(?!golden\/|testing\/)/,
    always: ['golden/', 'docExamples'],
  },
  { folder: 'packages/contract', sources: /^packages\/contract\/src\/[^/]+\/rules\//, always: ['schemas'] },
];
const asked = process.argv.slice(2);

const totals = { killed: 0, survived: 0, uncovered: 0 };
for (const { folder, sources, always } of workspaces) {
  const files = filesIn(folder).filter((file) => sources.test(file) && isWanted(file));
  for (const room of new Set(files.map(roomOf))) {
    const mine = files.filter((file) => roomOf(file) === room);
    add(mutate(folder, mine, [`${room}/`, ...always]));
  }
}
const made = totals.killed + totals.survived + totals.uncovered;
if (made === 0) {
  console.error(`heron: nothing to change in ${asked.join(', ') || 'the sample'}.`);
  process.exit(1);
}
const score = ((100 * totals.killed) / made).toFixed(1);
console.log(
  `\n${made} changes: ${totals.killed} noticed, ${totals.survived} not, ${totals.uncovered} where no test goes. ${score} %`,
);

function filesIn(folder) {
  return readdirSync(join(root, folder, 'src'), { recursive: true, encoding: 'utf8' })
    .map((name) => `${folder}/src/${name}`)
    .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|\/index\.ts$/.test(name))
    .sort();
}

function isWanted(file) {
  if (asked.includes('--all')) return true;
  if (asked.length > 0)
    return asked.some((path) => file === path || file.startsWith(`${path.replace(/\/$/, '')}/`));
  return createHash('sha256').update(`${seed} ${file}`).digest().readUInt32BE(0) % drawnOneIn === 0;
}

/** The folder of a domain or a noun: packages/core/src/joint. */
function roomOf(file) {
  return file.split('/').slice(0, 4).join('/');
}

/**
 * Runs Stryker over some files of a workspace. What a domain computes its own tests should notice, the golden answers or
 * the documented examples: all tests that pass through it take a hundred times as long.
 *
 * @returns its report by file
 */
function mutate(folder, files, tests) {
  const place = join(root, '.cache/mutants', roomOf(files[0]).replaceAll('/', '-'));
  mkdirSync(place, { recursive: true });
  const report = join(place, 'report.json');
  const config = {
    testRunner: 'jest',
    plugins: ['@stryker-mutator/jest-runner'],
    jest: {
      projectType: 'custom',
      configFile: `${folder}/jest.config.cjs`,
      config: {
        testPathIgnorePatterns: ['/node_modules/', ...slowTests],
        testRegex: tests.map((each) => `${each}.*\\.test\\.ts$|${each}\\.test\\.ts$`),
        testMatch: null,
      },
    },
    mutate: files,
    coverageAnalysis: 'perTest',
    ignoreStatic: true,
    concurrency: 2,
    reporters: ['json', 'clear-text', 'progress-append-only'],
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
    jsonReporter: { fileName: report },
    tempDirName: join(root, '.cache/mutants/sandbox'),
    ignorePatterns: ['.cache', 'data', 'docs', '**/dist', 'apps/web', 'apps/server', 'e2e'],
    checkers: [],
    disableTypeChecks: false,
    allowConsoleColors: false,
  };
  const written = join(place, 'stryker.config.json');
  writeFileSync(written, JSON.stringify(config, null, 2));
  spawnSync(bin('stryker'), ['run', written], { cwd: root, stdio: 'inherit' });
  if (!existsSync(report) || Date.now() - statSync(report).mtimeMs > 6 * 3600_000)
    throw new Error(`the tests of ${folder} could not be asked; see above`);
  return JSON.parse(readFileSync(report, 'utf8'));
}

function add({ files }) {
  for (const { mutants } of Object.values(files)) {
    for (const { status } of mutants) {
      if (status === 'Killed' || status === 'Timeout') totals.killed += 1;
      else if (status === 'Survived') totals.survived += 1;
      else if (status === 'NoCoverage') totals.uncovered += 1;
    }
  }
}
