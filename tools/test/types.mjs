import { join } from 'node:path';
import { root } from '../root.mjs';

/** The compiler for checks alone: the one that lint needs, `typescript`, is of the generation before, and slower. */
const compiler = join(root, 'node_modules/typescript7/bin/tsc');

/** The types of a workspace; what was checked before and has not changed is taken as it was. */
export function types(folder) {
  const kept = `.cache/types/${folder.replaceAll('/', '-')}.tsbuildinfo`;
  return [
    `types ${folder}`,
    process.execPath,
    [compiler, '-p', folder, '--incremental', '--tsBuildInfoFile', kept],
  ];
}
