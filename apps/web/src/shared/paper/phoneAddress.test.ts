import { readOrigin } from './phoneAddress.js';

describe('the address a phone opens', () => {
  it.each([
    ['192.168.1.20:4180', 'http://192.168.1.20:4180'],
    [' https://shop.local ', 'https://shop.local'],
    ['http://heron.lan:4180/cards', 'http://heron.lan:4180'],
  ])('reads %s', (text, origin) => {
    expect(readOrigin(text)).toEqual({ origin });
  });

  it.each(['localhost:4180', '127.0.0.1', 'http://[::1]:4180'])('refuses %s: it is this computer', (text) => {
    expect(readOrigin(text)).toEqual({ fault: expect.stringContaining('a phone cannot open it') });
  });

  it.each(['', 'the office', 'http://'])('names “%s” and what is allowed', (text) => {
    expect(readOrigin(text)).toEqual({
      fault: expect.stringContaining(`“${text}” is no address; allowed is`),
    });
  });
});
