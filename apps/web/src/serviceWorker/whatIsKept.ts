/** Under which names the browser keeps what the server answered, and pictures. */
export const answersCache = 'lone-heron-answers';
export const picturesCache = 'lone-heron-pictures';

/** Files are asked for to be taken away, the documents are for programmers, and backups are nobody's to keep;
 * what a machine says now is no answer once it is kept. */
const notKept = [
  'photos',
  'coupon-files',
  'file-work',
  'exchange',
  'backups',
  'docs',
  'calendar',
  'health',
  'live',
  'news',
  'spells',
];

/** Whether an answer of the server is kept for when it is away. */
export function isKept(path: string): boolean {
  const [, api, noun = ''] = path.split('/');
  return api === 'api' && !notKept.some((each) => noun.startsWith(each));
}
