import { wordsFrom, wordsOf } from './neighbourWords.js';

const one = { from: '0198f0a0-0000-7000-8000-000000000001', schema: 'heron' };
const other = { from: '0198f0a0-0000-7000-8000-000000000002', schema: 'heron' };
const words = '{"said":"a \\"quoted\\" word\\nand a line"}';

describe('words between servers', () => {
  it('come over as they were said', () => {
    expect(wordsFrom(wordsOf(one, words), other)).toBe(words);
  });

  it('are not one’s own, nor another shop’s', () => {
    expect(wordsFrom(wordsOf(one, words), one)).toBeNull();
    expect(wordsFrom(wordsOf({ ...one, schema: 'another' }, words), other)).toBeNull();
  });

  it.each(['', 'no line', '["who"]\n{}', '{"from":1}\n{}'])(
    'that say not whose they are are refused: %j',
    (said) => {
      expect(() => wordsFrom(said, other)).toThrow();
    },
  );
});
