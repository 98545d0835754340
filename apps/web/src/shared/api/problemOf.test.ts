import { problemOf } from './problemOf.js';

describe('a failed request in words', () => {
  it('passes the server’s own refusal on, field by field', () => {
    const errors = [{ field: 'joint.gapMm', given: '3', allowed: '0 to 1.5 mm' }];
    const data = {
      type: 'about:blank',
      title: 'Not allowed',
      status: 422,
      detail: 'joint.gapMm is 3.',
      errors,
    };
    expect(problemOf({ status: 422, data })).toEqual({ message: 'joint.gapMm is 3.', fields: errors });
  });

  it.each(['FETCH_ERROR', 'TIMEOUT_ERROR'])(
    'says that the server is away on %s, and that nothing is lost',
    (status) => {
      expect(problemOf({ status, error: 'TypeError' }).message).toMatch(
        /does not answer\. Nothing typed is lost/,
      );
    },
  );

  it('does not show what it cannot read', () => {
    expect(problemOf({ status: 502, data: '<html>' }).message).toContain('cannot be read');
  });
});
