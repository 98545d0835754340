import { isAway, whyItWaits } from './isAway.js';

describe('a coupon that waits', () => {
  it.each([
    ['FETCH_ERROR', 'The server is away.'],
    ['TIMEOUT_ERROR', 'The server is away.'],
    [507, 'The shop’s disk takes nothing.'],
    [503, 'The server has a fault.'],
  ])('after %s says why', (status, words) => {
    expect(isAway({ status })).toBe(true);
    expect(whyItWaits({ status })).toBe(words);
  });

  it.each([409, 422, 401, 'PARSING_ERROR'])(
    'is none after %s: that would not be taken later either',
    (status) => {
      expect(isAway({ status })).toBe(false);
    },
  );
});
