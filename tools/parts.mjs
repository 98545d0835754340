/**
 * The list of everything the product is made of, as CycloneDX: ./heron parts [FILE]. Read from the lock file, so that it needs
 * no network and says what any machine installs.
 */
import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { root } from './root.mjs';

const [file] = process.argv.slice(2);
const { status, stdout, stderr } = spawnSync(
  'npm',
  // Peers that a package could also do with are no parts of ours.
  ['sbom', '--sbom-format', 'cyclonedx', '--omit', 'dev', '--package-lock-only', '--legacy-peer-deps'],
  { cwd: root, encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 },
);
if (status !== 0) {
  console.error(`heron: the list of parts could not be made: ${stderr}`);
  process.exit(1);
}
const { bomFormat, components } = JSON.parse(stdout);
if (bomFormat !== 'CycloneDX' || components.length === 0) {
  console.error('heron: npm made no list of parts in the CycloneDX format.');
  process.exit(1);
}
if (file === undefined) process.stdout.write(stdout);
else {
  writeFileSync(file, stdout);
  console.error(`heron: ${components.length} parts are listed in ${file}`);
}
