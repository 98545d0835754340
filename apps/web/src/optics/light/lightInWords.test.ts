import { lightInWords } from './lightInWords.js';

describe('light that was written down', () => {
  it.each([
    [0, '0 s'],
    [21.4, '21 s'],
    [119, '119 s'],
    [120, '2 min'],
    [5400, '90 min'],
    [7200, '2 h'],
    [16_560, '4.6 h'],
  ])('of %d s is said as %s', (seconds, words) => {
    expect(lightInWords(seconds)).toBe(words);
  });
});
