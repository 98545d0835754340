import fc from 'fast-check';
import { parseQuantity, sheetGaugeMm, type Dimension, type ParseOptions } from './index.js';

const read = (text: string, dimension: Dimension = 'length', options: ParseOptions = {}) => {
  const parsed = parseQuantity(text, dimension, options);
  return parsed.ok ? parsed.value : parsed.fault;
};

describe('parseQuantity', () => {
  it.each([
    ['1.5', 1.5],
    ['0,8', 0.8],
    ['.063', 1.6002],
    ['0.3', 0.3],
    ['0', 0],
    ['1/16', 1.5875],
    ['1 1/8 in', 28.575],
    ['1½ in', 38.1],
    ['⅛”', 3.175],
    ['3/64″', 1.190625],
    ['63 mil', 1.6002],
    ['250 μm', 0.25],
    ['-2 mm', -2],
  ])('reads the length %s as %d mm', (text, mm) => {
    expect(read(text)).toBeCloseTo(mm, 9);
  });

  it.each<[string, Dimension, number]>([
    ['24 in/min', 'speed', 10.16],
    ['0.6 M/MIN', 'speed', 10],
    ['72ºF', 'temperature', 22.2222222],
    ['300 K', 'temperature', 26.85],
    ['1,5 kW', 'power', 1500],
    ['2 m³/h', 'flow', 33.3333333],
  ])('reads %s as a %s', (text, dimension, value) => {
    expect(read(text, dimension)).toBeCloseTo(value, 6);
  });

  it('takes a bare number in the unit the panel uses', () => {
    expect(read('48', 'speed', { bareUnit: 'cm/min' })).toBeCloseTo(8, 9);
  });

  it('takes a small bare length for inches where none is so small in millimetres', () => {
    expect(read('.063')).toBeCloseTo(1.6002, 9);
    expect(read('0.2', 'length', { smallestBareMm: 0.02 })).toBe(0.2);
    expect(read('.004', 'length', { smallestBareMm: 0.02 })).toBeCloseTo(0.1016, 9);
    expect(read('1/64', 'length', { smallestBareMm: 0.02 })).toBeCloseTo(0.396875, 9);
  });

  it('reads a gauge number by the sheet’s own table and refuses it without one', () => {
    expect(read('16ga', 'length', { sheet: 'aluminium' })).toBe(1.29032);
    expect(read('16ga', 'length', { sheet: 'stainless' })).toBe(1.5875);
    expect(read('16ga')).toMatchObject({ remedy: expect.stringContaining('no gauge table') });
    expect(read('99ga', 'length', { sheet: 'stainless' })).toMatchObject({
      given: '99 ga',
      allowed: '7 to 28 ga, whole numbers',
    });
  });

  it.each(['', 'thick', '1/0', '1.5 furlongs', '1.5.2', '1e999', '12 bar'])(
    'refuses %p and says what a length looks like',
    (text) => {
      expect(read(text)).toMatchObject({ given: `“${text}”`, allowed: expect.stringContaining('1.5 mm') });
    },
  );

  it('refuses 1,500 W, which may be either of two powers', () => {
    expect(read('1,500 W', 'power')).toMatchObject({ remedy: expect.stringContaining('without the comma') });
    expect(read('0,500 kW', 'power')).toBe(500);
  });

  it('gives back any length written in any of its units', () => {
    const units: [string, number][] = [
      ['mm', 1],
      ['cm', 10],
      ['in', 25.4],
      ['thou', 0.0254],
      ['µm', 0.001],
    ];
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99999 }), fc.constantFrom(...units), (number, [unit, factor]) => {
        const value = number / 100;
        expect(read(`${value} ${unit}`)).toBeCloseTo(value * factor, 6);
        expect(read(`${String(value).replace('.', ',')}${unit}`)).toBeCloseTo(value * factor, 6);
      }),
    );
  });

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof parseQuantity(text, 'length').ok === 'boolean'));
  });
});

describe('sheetGaugeMm', () => {
  it('grows thinner with the number in every family', () => {
    for (const family of ['carbonSteel', 'stainless', 'galvanised', 'aluminium'] as const) {
      for (let gauge = 9; gauge <= 28; gauge++) {
        expect(sheetGaugeMm(family, gauge)).toBeLessThan(sheetGaugeMm(family, gauge - 1));
      }
    }
  });

  it('refuses a half gauge', () => {
    expect(() => sheetGaugeMm('stainless', 15.5)).toThrow('15.5 ga');
  });
});
