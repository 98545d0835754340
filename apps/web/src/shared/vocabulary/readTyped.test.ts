import { readTyped, type TypedQuantity } from '../figures/readTyped.js';

const coolant: TypedQuantity = {
  range: { quantity: 'coolant', min: 0, max: 60, unit: '°C' },
  dimension: 'temperature',
};
const bottle: TypedQuantity = {
  range: { quantity: 'bottle pressure', min: 0, max: 350, unit: 'bar' },
  dimension: 'pressure',
};
const humidity: TypedQuantity = {
  range: { quantity: 'humidity', min: 1, max: 100, unit: '%' },
  dimension: null,
};

describe('a typed value', () => {
  it.each<[string, TypedQuantity, number]>([
    ['24,5', coolant, 24.5],
    ['72 F', coolant, 22.222],
    ['2900 psi', bottle, 199.948],
    ['20 MPa', bottle, 200],
    ['62 %', humidity, 62],
    ['62', humidity, 62],
  ])('“%s” is read in its unit', (text, quantity, value) => {
    expect(readTyped(text, quantity)).toEqual({ value: expect.closeTo(value, 3) });
  });

  it.each<[string, TypedQuantity, string]>([
    ['72', coolant, 'Probably 72 °F, which is 22.2 °C: write the unit.'],
    ['2900', bottle, 'Probably 2900 psi, which is 199.9 bar: write the unit.'],
    ['150 F', coolant, 'coolant “150 F”: allowed is 0 to 60 °C.'],
    ['warm', coolant, 'coolant “warm”: allowed is 0 to 60 °C.'],
    ['120', humidity, 'humidity “120”: allowed is 1 to 100 %.'],
    ['', bottle, 'bottle pressure “”'],
  ])('“%s” is refused with what was probably meant', (text, quantity, words) => {
    expect(readTyped(text, quantity)).toEqual({ fault: expect.stringContaining(words) });
  });
});
