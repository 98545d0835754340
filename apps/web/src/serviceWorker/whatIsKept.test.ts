import { isKept } from './whatIsKept.js';

describe('an answer is kept for when the server is away', () => {
  it.each(['/api/coupons', '/api/coupons/relevant', '/api/session', '/api/machines/bench/records'])(
    'of %s',
    (path) => expect(isKept(path)).toBe(true),
  );
  it.each(['/api/backups/newest', '/api/coupon-files/csv', '/api/photos/1', '/api/docs', '/coupons'])(
    'and not of %s',
    (path) => expect(isKept(path)).toBe(false),
  );
});
