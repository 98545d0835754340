/**
 * Changes the core, or the rules of the contract, in one small way after another and asks its tests whether they notice.
 *
 * ./heron mutants              a sample of the files, drawn by HERON_SEED
 * ./heron mutants PATH ...     these files or folders
 * ./heron mutants --draw N [PATH ...]  N changes of the core, drawn by HERON_SEED from all that fit on a line, each as likely as any other
 * ./heron mutants --all        everything: a night's work
 */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { parseArgs } from 'node:util';
import { changeKey, drawnChanges } from './mutants/drawnChanges.mjs';
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
const { values, positionals: asked } = parseArgs({
  options: { all: { type: 'boolean', default: false }, draw: { type: 'string' } },
  allowPositionals: true,
});

/** What a report calls what became of a change; other words are faults of the change itself. */
const totalOf = {
  Killed: 'killed',
  Timeout: 'late',
  Survived: 'survived',
  NoCoverage: 'uncovered',
  Ignored: 'ignored',
};
const totals = { killed: 0, late: 0, survived: 0, uncovered: 0, ignored: 0 };
if (values.draw === undefined) askFiles();
else await askDrawn(Number(values.draw));
sayTotals();

function askFiles() {
  for (const { folder, sources, always } of workspaces) {
    const files = filesIn(folder).filter((file) => sources.test(file) && isWanted(file));
    for (const [room, mine] of byRoom(files, (file) => file))
      add(mutate(folder, mine, [`${room}/`, ...always]), () => true);
  }
}

/** Asks of drawn changes alone: a range takes along what lies within it, which is asked and not counted. */
async function askDrawn(count) {
  if (!Number.isInteger(count) || count < 1)
    throw new Error(`--draw takes a whole number of changes from 1 on, not “${values.draw}”`);
  const [{ folder, sources, always }] = workspaces;
  const files = filesIn(folder).filter((file) => sources.test(file) && (asked.length === 0 || isNamed(file)));
  const { all, drawn } = await drawnChanges(files, count, seed);
  console.log(`${drawn.length} of ${all} changes drawn, seed ${seed}`);
  for (const [room, mine] of byRoom(drawn, ({ file }) => file)) {
    const keys = new Set(mine.map(({ file, key }) => `${file} ${key}`));
    const ranges = mine.map(({ file, range }) => `${file}:${range}`);
    add(mutate(folder, ranges, [`${room}/`, ...always]), (file, key) => keys.has(`${file} ${key}`));
  }
}

function sayTotals() {
  const { killed, late, survived, uncovered, ignored } = totals;
  const made = killed + late + survived + uncovered;
  if (made === 0) {
    console.error(`heron: nothing to change in ${asked.join(', ') || 'the sample'}.`);
    process.exit(1);
  }
  const share = (killed + late) / made;
  const spread =
    values.draw === undefined ? '' : ` ± ${(100 * Math.sqrt((share * (1 - share)) / made)).toFixed(1)}`;
  console.log(
    `\n${made} changes: ${killed} noticed, ${late} never ended, ${survived} not noticed, ${uncovered} where no test goes; ` +
      `${ignored} at load not asked. ${(100 * share).toFixed(1)}${spread} %`,
  );
}

function filesIn(folder) {
  return readdirSync(join(root, folder, 'src'), { recursive: true, encoding: 'utf8' })
    .map((name) => `${folder}/src/${name}`)
    .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|\/index\.ts$/.test(name))
    .sort();
}

function isWanted(file) {
  if (values.all) return true;
  if (asked.length > 0) return isNamed(file);
  return createHash('sha256').update(`${seed} ${file}`).digest().readUInt32BE(0) % drawnOneIn === 0;
}

function isNamed(file) {
  return asked.some((path) => file === path || file.startsWith(`${path.replace(/\/$/, '')}/`));
}

/** The folder of a domain or a noun: packages/core/src/joint. */
function roomOf(file) {
  return file.split('/').slice(0, 4).join('/');
}

function byRoom(items, fileOf) {
  const rooms = new Map();
  for (const item of items) {
    const room = roomOf(fileOf(item));
    rooms.set(room, [...(rooms.get(room) ?? []), item]);
  }
  return rooms;
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

/** Adds what a report says of the changes that count. */
function add({ files }, counts) {
  for (const [file, { mutants }] of Object.entries(files)) {
    for (const {
      status,
      location: { start, end },
      mutatorName,
      replacement,
    } of mutants) {
      const place = `${start.line}:${start.column}-${end.line}:${end.column}`;
      const kind = totalOf[status];
      if (kind !== undefined && counts(file, changeKey(place, mutatorName, replacement))) totals[kind] += 1;
    }
  }
}
