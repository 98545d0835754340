import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../root.mjs';

const read = (path) => JSON.parse(readFileSync(join(root, path, 'package.json'), 'utf8'));

/** Every workspace by its folder, with the folders of those it depends on. The browser tests stand on all that is built. */
export function workspaceGraph() {
  const folders = read('.').workspaces;
  const byName = new Map(folders.map((folder) => [read(folder).name, folder]));
  return new Map(
    folders.map((folder) => {
      const { dependencies = {}, devDependencies = {} } = read(folder);
      const names = Object.keys({ ...dependencies, ...devDependencies });
      return [folder, names.flatMap((name) => byName.get(name) ?? [])];
    }),
  );
}

/** The workspaces that depend on any of these, near or far, themselves left out. */
export function dependentsOf(changed, graph) {
  const found = new Set(changed);
  for (let before = -1; before !== found.size;) {
    before = found.size;
    for (const [folder, needs] of graph) if (needs.some((need) => found.has(need))) found.add(folder);
  }
  return [...found].filter((folder) => !changed.includes(folder));
}
