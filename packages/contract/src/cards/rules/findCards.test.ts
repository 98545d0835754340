import { findCards } from './findCards.js';
import { buttOf, cardOf } from '../../testing/sampleCards.js';

const cards = [
  cardOf(1, 'galley worktop', buttOf('stainless304', 1.5), { tags: ['galley'] }),
  cardOf(2, 'hatch frame', { ...buttOf('aluminium5052', 1.3), kind: 'outsideCorner' }),
  cardOf(3, 'duct, long seam', buttOf('lowCarbonSteel', 2), { notes: 'Start at the flange.' }),
  cardOf(4, 'worktop edge', buttOf('stainless316', 2)),
];
const numbersOf = (found: readonly { card: { number: number } }[]) => found.map(({ card }) => card.number);
const fitting = (text: string) => numbersOf(findCards(text, cards).fitting);

describe('finding cards', () => {
  it.each([
    ['304 1.5 butt', [1]],
    ['304 .060in butt', [1]],
    ['304 16ga butt', [1]],
    ['stainless 1,5 mm', [1]],
    ['16ga al corner', [2]],
    ['al 1.29 outside corner', [2]],
    ['hatch frame', [2]],
    ['HATCH', [2]],
    ['flange', [3]],
    ['galley', [1]],
    ['worktop edge', [4]],
    ['worktop', [4, 1]],
    ['card 3', [3]],
    ['steel 14ga butt', [3]],
    ['', [1, 2, 3, 4]],
  ])('“%s”', (text, numbers) => {
    expect(fitting(text)).toEqual(numbers);
  });

  it('takes the said alloy before another of its family', () => {
    expect(fitting('316 2 butt')).toEqual([4]);
    expect(fitting('304 2 butt')).toEqual([4]);
  });

  it('gives the nearest where none fits, and says in what each is another thing', () => {
    const { fitting: none, nearest } = findCards('304 1.2 butt', cards);
    expect(none).toEqual([]);
    expect(numbersOf(nearest)[0]).toBe(1);
    expect(nearest[0]?.differs).toEqual(['1.5 mm, not 1.2 mm']);
    expect(findCards('brass 3 lap', cards).nearest[0]?.differs.length).toBeGreaterThan(0);
  });

  it('gives nothing for words that stand nowhere', () => {
    expect(findCards('bandstand', cards)).toMatchObject({ fitting: [], nearest: [] });
    expect(findCards('304 1.5 bandstand', cards)).toMatchObject({ fitting: [], nearest: [] });
  });
});
