import { isLike } from './isLike.js';

describe('a kept value', () => {
  it.each<[unknown, unknown]>([
    ['', '50'],
    [null, 'met'],
    [
      { litres: '', gas: 'argon' },
      { litres: '50', gas: 'nitrogen' },
    ],
    [{ litres: '' }, { litres: '50', more: 1 }],
    [[], [{ every: '3' }]],
    [{}, { depth: '1.2' }],
  ])('in place of %j can be %j', (pattern, kept) => {
    expect(isLike(pattern, kept)).toBe(true);
  });

  it.each<[unknown, unknown]>([
    ['', 50],
    [{ litres: '' }, '50'],
    [{ litres: '' }, null],
    [{ litres: '', gas: 'argon' }, { litres: '50' }],
    [{ found: { spots: [] } }, { found: { spots: {} } }],
    [[], {}],
    [{}, []],
  ])('in place of %j cannot be %j', (pattern, kept) => {
    expect(isLike(pattern, kept)).toBe(false);
  });
});
