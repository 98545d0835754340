import { bin } from '../root.mjs';

/** The types of a workspace; what was checked before and has not changed is taken as it was. */
export function types(folder) {
  const kept = `.cache/types/${folder.replaceAll('/', '-')}.tsbuildinfo`;
  return [`types ${folder}`, bin('tsc'), ['-p', folder, '--incremental', '--tsBuildInfoFile', kept]];
}
