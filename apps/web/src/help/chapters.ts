/** The handbook as it lies in docs/handbook, and the pictures it shows: they come with the application, so that it is read offline too. */
const texts = import.meta.glob<string>('../../../../docs/handbook/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
});
const pictures = import.meta.glob<string>(
  '../../../../docs/screenshots/{ready,dial,dial-clean,log-coupon,card,job,optics,shop}.png',
  { query: '?url', import: 'default', eager: true },
);

export interface Chapter {
  /** As its address has it: "3-dial". */
  readonly name: string;
  readonly title: string;
  readonly text: string;
}

export const chapters: readonly Chapter[] = Object.entries(texts)
  .map(([path, text]) => ({
    name: path.replace(/^.*\/|\.md$/g, ''),
    title: /^# (.+)$/m.exec(text)?.[1] ?? '',
    text,
  }))
  .toSorted((a, b) => a.name.localeCompare(b.name));

/** Where the application has a picture that the handbook names as it lies in docs. */
export function pictureAt(source: string): string {
  const name = source.replace(/^.*\//, '');
  return Object.entries(pictures).find(([path]) => path.endsWith(`/${name}`))?.[1] ?? source;
}
