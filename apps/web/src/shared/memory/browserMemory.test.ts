import { readFromBrowser } from './browserMemory.js';

describe('what the browser kept', () => {
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
  });

  it('is nothing for a newcomer', () => {
    expect(readFromBrowser()).toEqual({ couponDraft: { open: null } });
  });

  it('is read back', () => {
    const desk = { theme: 'dusk', dialSearch: 'gap=0' };
    localStorage.setItem('lone-heron.desk', JSON.stringify(desk));
    expect(readFromBrowser().desk).toEqual(desk);
  });

  it.each(['{', '{"theme":"neon"}', '42', '"text"'])(
    'is left out where it cannot be understood: %s',
    (text) => {
      localStorage.setItem('lone-heron.desk', text);
      sessionStorage.setItem('lone-heron.coupon-draft', text);
      expect(readFromBrowser()).toEqual({ couponDraft: { open: null } });
    },
  );
});
