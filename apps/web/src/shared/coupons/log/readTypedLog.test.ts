import { readLightOn, readRunLength } from './readTypedLog.js';

describe('figures typed into the log', () => {
  it.each([
    ['', null],
    ['  ', null],
    ['12,5', 12.5],
    ['12.5 s', 12.5],
    ['900 ms', 0.9],
    ['1 min', 60],
  ])('light on “%s” is %p s', (text, value) => {
    expect(readLightOn(text)).toEqual({ value });
  });

  it.each([
    ['', null],
    ['120', 120],
    ['12 cm', 120],
    ['4 in', 101.6],
    ['3-1/2"', 88.9],
  ])('length of run “%s” is %p mm', (text, value) => {
    expect(readRunLength(text)).toEqual({ value });
  });

  it.each([
    [readLightOn('soon'), 'light on “soon”: allowed is 0.2 to 600 s.'],
    [readLightOn('-3'), 'light on “-3”'],
    [readLightOn('0'), 'light on “0”'],
    [readRunLength('1'), 'length of run “1”: allowed is 2 to 3000 mm.'],
    [readRunLength('9 m'), 'length of run “9 m”'],
  ])('what cannot be is refused: %j', (read, message) => {
    expect(read).toEqual({ fault: expect.stringContaining(message) });
  });
});
