import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '../../..');
const guide = readFileSync(join(root, 'CONTRIBUTING.md'), 'utf8');

/** A recipe of CONTRIBUTING.md: the word it follows and the places it lists. */
interface Recipe {
  readonly title: string;
  readonly word: string;
  readonly places: readonly string[];
}

function recipes(): readonly Recipe[] {
  const [, written = ''] = guide.split('\n## Recipes\n');
  return written
    .split('\n### ')
    .slice(1)
    .map((text) => ({
      title: text.split('\n')[0] ?? '',
      word: /Follow the word `(\w+)`/.exec(text)?.[1] ?? '',
      places: [...text.matchAll(/^- `([^`]+)`: /gm)].map(([, place = '']) => place),
    }));
}

const sources = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'apps/web/src'].flatMap(
  (folder) =>
    readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$|(^|\/)(testing|demo)\//.test(name))
      .map((name) => `${folder}/${name}`),
);

/** Every source that names a word, tests, their helpers and the sample workshop left out. */
function placesOf(word: string): readonly string[] {
  const named = new RegExp(`\\b${word}\\b`);
  return sources.filter((path) => named.test(readFileSync(join(root, path), 'utf8')));
}

describe('the recipes of CONTRIBUTING.md', () => {
  it('are those that are promised', () => {
    expect(recipes().map(({ title }) => title)).toEqual([
      'A metal',
      'A kind of joint',
      'A kind of test on a coupon',
      'A knob of a machine',
      'A station',
    ]);
  });

  it.each(recipes())('$title: lists the places that name $word, and no others', ({ word, places }) => {
    expect(places.length).toBeGreaterThan(1);
    expect(places.toSorted()).toEqual(placesOf(word).toSorted());
  });

  it('name no file that is not there', () => {
    const named = [...guide.matchAll(/`((?:packages|apps|e2e)\/[\w./-]+\.tsx?)`/g)].map(
      ([, path = '']) => path,
    );
    const listed = recipes().flatMap(({ places }) => places);
    expect(named).toEqual(expect.arrayContaining(listed));
    for (const path of named) expect(sources).toContain(path);
  });
});
