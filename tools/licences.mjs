/**
 * Looks at the licence of every package that is installed: one that nobody agreed to fails. What ships with the product is
 * held to a shorter list than what only builds and tests it.
 */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';

/** May be passed on with the product, with their notices. LGPL and MPL: libraries that are taken as they are. */
const ships = [
  ...[
    'MIT',
    'MIT-0',
    'ISC',
    '0BSD',
    'BSD-2-Clause',
    'BSD-3-Clause',
    'Apache-2.0',
    'BlueOak-1.0.0',
    'BSL-1.0',
    'Zlib',
  ],
  ...['Python-2.0', 'OFL-1.1', 'LGPL-3.0', 'LGPL-3.0-or-later', 'MPL-2.0'],
];
/** Build and test, and stay here. */
const builds = [...ships, 'CC-BY-4.0', 'CC0-1.0'];
/** Say it in their LICENSE file alone, which somebody has read. */
const read = { 'node_modules/png-js': 'MIT' };

const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
const installed = Object.entries(packages).filter(
  ([path, { link }]) => path.includes('node_modules/') && !link,
);
const faults = installed.flatMap(([path, entry]) => {
  const licence = entry.license ?? read[path] ?? statedIn(path);
  const allowed = entry.dev === true ? builds : ships;
  if (licence === null) return [`${path} says no licence`];
  return isAllowed(licence, allowed) ? [] : [`${path} is under ${licence}`];
});
for (const fault of faults) console.error(`licences: ${fault}`);
console.log(`${installed.length} packages, ${faults.length} under a licence that nobody agreed to`);
process.exit(faults.length === 0 ? 0 : 1);

/** Older packages say it in a list; those that are for another machine are not installed here. */
function statedIn(path) {
  const file = join(root, path, 'package.json');
  if (!existsSync(file)) return null;
  const { license, licenses } = JSON.parse(readFileSync(file, 'utf8'));
  return license ?? licenses?.map(({ type }) => type).join(' AND ') ?? null;
}

/** “A AND B” binds to both, “A OR B” leaves the choice. */
function isAllowed(licence, allowed) {
  return licence
    .replace(/[()]/g, '')
    .split(' OR ')
    .some((choice) => choice.split(' AND ').every((each) => allowed.includes(each.trim())));
}
