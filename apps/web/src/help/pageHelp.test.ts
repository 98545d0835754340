import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chaptersHelped, pageHelp } from './pageHelp.js';
import { searchChapters } from './searchChapters.js';

const folder = join(__dirname, '../../../../docs/handbook');
const chapters = readdirSync(folder).map((file) => {
  const text = readFileSync(join(folder, file), 'utf8');
  return { name: file.replace('.md', ''), title: /^# (.+)$/m.exec(text)?.[1] ?? '', text };
});

describe('the help of a page', () => {
  it.each([
    ['/coupons/ladders/new', 'Ladders'],
    ['/coupons/0190', 'Coupons'],
    ['/jobs/0190/bench', 'Jobs'],
    ['/shop/phones', 'On phones'],
    ['/shopping', 'Lone Heron'],
    ['/', 'Lone Heron'],
  ])('at %s is that of %s', (path, title) => {
    expect(pageHelp(path).title).toBe(title);
  });

  it('goes on in a chapter that the handbook has', () => {
    const names = chapters.map(({ name }) => name);
    for (const chapter of chaptersHelped) expect(names).toContain(chapter);
  });
});

describe('the handbook', () => {
  it('shows pictures that are there, and has a title to each chapter', () => {
    const shots = readdirSync(join(folder, '../screenshots'));
    for (const { title, text } of chapters) {
      expect(title).not.toBe('');
      for (const [, picture] of text.matchAll(/\]\(\.\.\/screenshots\/([^)]+)\)/g))
        expect(shots).toContain(picture);
    }
  });

  it('is found in by words, parts of words and with a slip', () => {
    const first = (words: string) => searchChapters(chapters, words)[0]?.chapter;
    expect(first('fingerprint')).toBe('8-phones-and-no-network');
    expect(first('back up disk')).toBe('9-keeping-it');
    expect(first('windw changed')).toBe('6-optics');
    expect(searchChapters(chapters, 'kangaroo')).toEqual([]);
    expect(searchChapters(chapters, '  ')).toEqual([]);
  });
});
