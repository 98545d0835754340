import { openLogKey, readFromBrowser, readKept } from './browserMemory.js';
import { openLogSchema } from './openLogSchema.js';

describe('what the browser kept', () => {
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
  });

  it('is nothing for a newcomer', () => {
    expect(readFromBrowser()).toEqual({});
  });

  it('is read back', () => {
    const desk = { theme: 'dusk', dialSearch: 'gap=0' };
    localStorage.setItem('lone-heron.desk', JSON.stringify(desk));
    // A desk from before joints and the plate were remembered has none.
    expect(readFromBrowser().desk).toEqual({ ...desk, recentJoints: [], plate: null });
  });

  it.each(['{', '{"theme":"neon"}', '42', '"text"'])(
    'is left out where it cannot be understood: %s',
    (text) => {
      localStorage.setItem('lone-heron.desk', text);
      sessionStorage.setItem(openLogKey, text);
      expect(readFromBrowser()).toEqual({});
      expect(readKept(sessionStorage, openLogKey, openLogSchema)).toBeNull();
    },
  );
});
