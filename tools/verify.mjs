/**
 * Runs every golden file of a folder through the core. One line a file; exit code 1 when a file is out of tolerance,
 * cannot be read, or has no check in the core.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { basename, join } from 'node:path';
import { agrees, goldenChecks, relativeError } from '../packages/core/dist/golden/index.js';

const folder = process.argv[2] ?? new URL('../packages/core/golden', import.meta.url).pathname;

let files;
try {
  files = readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .sort();
} catch (error) {
  console.error(`verify: cannot read the folder ${folder}: ${error.message}`);
  process.exit(1);
}
if (files.length === 0) {
  console.error(`verify: no golden files (*.json) in ${folder}`);
  process.exit(1);
}

const results = files.map((file) => verifyFile(join(folder, file)));
for (const result of results) console.log(result.line);
const failed = results.filter((result) => !result.ok).length;
console.log(`${results.length - failed} files agree, ${failed} do not`);
process.exit(failed === 0 ? 0 : 1);

function verifyFile(path) {
  const name = basename(path, '.json');
  const check = goldenChecks.get(name);
  if (check === undefined)
    return { ok: false, line: row('NOT COVERED', name, 'the core has no check for this file') };
  try {
    const compared = check(JSON.parse(readFileSync(path, 'utf8')));
    if (compared.length === 0) return { ok: false, line: row('EMPTY', name, 'nothing to compare') };
    const worst = compared.reduce((most, next) => (relativeError(next) > relativeError(most) ? next : most));
    const wrong = compared.filter((one) => !agrees(one));
    const summary = `${compared.length} values, worst relative error ${relativeError(worst).toExponential(1)}`;
    if (wrong.length === 0) return { ok: true, line: row('ok', name, summary) };
    const first = wrong[0];
    return {
      ok: false,
      line: row('WRONG', name, `${summary}; ${first.what}: ${first.computed}, should be ${first.reference}`),
    };
  } catch (error) {
    return { ok: false, line: row('WRONG', name, error.message) };
  }
}

function row(status, name, text) {
  return `${status.padEnd(11)} ${name.padEnd(20)} ${text}`;
}
