/**
 * What a package shows and nobody outside takes is no face but clutter: every name that an index of packages/ exports is
 * imported by another workspace, by a tool, or spoken of in a documented example.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';

const faces = [
  { name: '@lone-heron/core', index: 'packages/core/src/index.ts', inside: 'packages/core/' },
  { name: '@lone-heron/contract', index: 'packages/contract/src/index.ts', inside: 'packages/contract/' },
];
const sources = ['packages', 'apps', 'e2e', 'tools'].flatMap((folder) =>
  readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .map((name) => `${folder}/${name}`)
    .filter((name) => /\.(ts|tsx|mjs)$/.test(name) && !/(^|\/)(dist|node_modules)\//.test(name))
    .map((name) => ({ name, text: readFileSync(join(root, name), 'utf8') })),
);

const unused = faces.flatMap((face) => {
  const taken = takenFrom(face);
  return exportsOf(face.index)
    .filter((name) => !taken.has(name))
    .map((name) => `${face.index}: ${name}`);
});
if (unused.length > 0) {
  console.error(`Exported and taken by nobody:\n${unused.join('\n')}`);
  process.exit(1);
}

function exportsOf(index) {
  const { text } = sources.find(({ name }) => name === index);
  return [...text.matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(([, names]) => namesIn(names));
}

function namesIn(list) {
  return list
    .split(',')
    .map(
      (name) =>
        name
          .replace(/\/\/.*|\btype /g, '')
          .trim()
          .split(/\s+as\s+/)[0],
    )
    .filter((name) => name !== '');
}

/** Names that others import from a package, and those that its own documented examples run with. */
function takenFrom({ name, inside }) {
  const imported = new RegExp(
    `import (?:type )?\\{([^}]*)\\} from '(?:${name}|[./]*/packages/core/dist/index\\.js)'`,
    'g',
  );
  const dynamic = new RegExp(`\\{([^}]*)\\} = await import\\(\\s*'${name}'`, 'g');
  const outside = sources.filter((source) => !source.name.startsWith(inside));
  const taken = outside.flatMap(({ text }) =>
    [imported, dynamic].flatMap((pattern) =>
      [...text.matchAll(pattern)].flatMap(([, names]) => namesIn(names)),
    ),
  );
  // Tools take the core whole and call it by name.
  const whole = outside
    .filter(({ text }) => /import \* as core from/.test(text) && inside === 'packages/core/')
    .flatMap(({ text }) => [...text.matchAll(/\bcore\.(\w+)/g)].map(([, called]) => called));
  const examples = sources
    .filter((source) => source.name.startsWith(inside))
    .flatMap(({ text }) => [...text.matchAll(/^ \* .*\/\/ =>.*$/gm)].flatMap(([line]) => line.match(/\w+/g)));
  return new Set([...taken, ...whole, ...examples]);
}
