import { broken } from './browser.js';

/** After every file, whatever it tests: nothing may have been reported as broken on any of its pages. */
afterAll(() => expect(broken).toEqual([]));
