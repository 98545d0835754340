import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInstrumenter } from '@stryker-mutator/instrumenter';
import { createInjector } from 'typed-inject';
import { root } from '../root.mjs';

const levels = ['trace', 'debug', 'info', 'warn', 'error', 'fatal'];
const quiet = Object.fromEntries(
  levels.flatMap((level) => [
    [level, () => {}],
    [`is${level[0].toUpperCase()}${level.slice(1)}Enabled`, () => false],
  ]),
);

/**
 * Draws changes, each as likely as any other, of all that could be made on one line: a change that spans lines (a body left out, a
 * condition over several) brings all within it along, and is noticed the most easily.
 *
 * @param {string[]} files from the root on
 * @param {number} count how many; all there are where there are fewer
 * @param {string} seed another draws others
 * @returns {Promise<{ all: number, drawn: { file: string, key: string, range: string }[] }>}
 */
export async function drawnChanges(files, count, seed) {
  const instrumenter = createInjector().provideValue('logger', quiet).injectFunction(createInstrumenter);
  const read = (name) => ({ name, mutate: true, content: readFileSync(join(root, name), 'utf8') });
  const { mutants } = await instrumenter.instrument(files.map(read), {
    ignorers: [],
    excludedMutations: [],
    plugins: null,
    noHeader: true,
  });
  const all = mutants
    .filter(({ location: { start, end } }) => start.line === end.line)
    .map(({ fileName, location, mutatorName, replacement }) => {
      // The driver counts lines and columns from 0, its reports from 1, and a range has lines from 1 and columns from 0.
      const { start, end } = location;
      const place = `${start.line + 1}:${start.column + 1}-${end.line + 1}:${end.column + 1}`;
      return {
        file: fileName,
        key: changeKey(place, mutatorName, replacement),
        range: `${start.line + 1}:${start.column}-${end.line + 1}:${end.column}`,
      };
    });
  const lot = ({ file, key }) => createHash('sha256').update(`${seed} ${file} ${key}`).digest('hex');
  const drawn = all
    .map((change) => ({ change, by: lot(change) }))
    .sort((a, b) => (a.by < b.by ? -1 : 1))
    .slice(0, count)
    .map(({ change }) => change);
  return { all: all.length, drawn };
}

/** What tells a change from others of its file. @param place "line:column-line:column", from 1 */
export function changeKey(place, mutatorName, replacement) {
  return `${place} ${mutatorName} ${replacement}`;
}
