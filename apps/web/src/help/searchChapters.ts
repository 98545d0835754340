import MiniSearch from 'minisearch';

interface Chapter {
  readonly name: string;
  readonly title: string;
  readonly text: string;
}

/** A paragraph in which words were found. */
export interface FoundParagraph {
  readonly chapter: string;
  readonly title: string;
  readonly words: string;
}

const mostFound = 12;

/** Looks for words in the handbook, paragraph by paragraph; parts of words and small slips are found too. */
export function searchChapters(chapters: readonly Chapter[], words: string): readonly FoundParagraph[] {
  if (words.trim() === '') return [];
  const paragraphs = chapters.flatMap(({ name, title, text }) =>
    text
      .split(/\n\s*\n|\n(?=- |\d+\. )/)
      .filter((part) => !part.startsWith('# ') && !part.startsWith('!['))
      .map((part) => ({ chapter: name, title, words: plain(part) })),
  );
  const index = new MiniSearch<FoundParagraph & { id: number }>({
    fields: ['title', 'words'],
    searchOptions: { prefix: true, fuzzy: 0.2, combineWith: 'OR' },
  });
  index.addAll(paragraphs.map((paragraph, id) => ({ ...paragraph, id })));
  return index
    .search(words)
    .slice(0, mostFound)
    .flatMap(({ id }) => paragraphs[id as number] ?? []);
}

/** Without the signs of Markdown. */
function plain(text: string): string {
  return text
    .replace(/^(- |\d+\. )/, '')
    .replace(/[*`]/g, '')
    .replace(/\s+/g, ' ')
    .trim();
}
