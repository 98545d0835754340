import { houseStarts, type HouseUnits } from '@lone-heron/contract';
import { readTyped } from './readTyped.js';
import { speakIn } from './shopUnits.js';
import {
  spokenDistance,
  spokenForce,
  spokenLowPressure,
  spokenPressure,
  spokenTemperature,
} from './spokenStates.js';
import { spokenFlow, spokenLength, spokenMass, spokenTravel, spokenUnit, typedText } from './spoken.js';
import { spokenMoney } from './spokenMoney.js';
import { spokenRange, spokenReading } from './spokenRange.js';

const inches: HouseUnits = {
  ...{ length: 'in', travel: 'in/min', gasFlow: 'CFH' },
  ...{ temperature: '°F', pressure: 'psi', mass: 'lb', currency: '$' },
};
const run = { range: { quantity: 'run', min: 1, max: 2000, unit: 'mm' }, dimension: 'length' } as const;

afterEach(() => speakIn(houseStarts.units));

describe('in a shop in millimetres', () => {
  it('figures are as they are kept', () => {
    expect([spokenLength(101.6), spokenTravel(8), spokenFlow(18)]).toEqual([
      '101.6 mm',
      '8 mm/s',
      '18 L/min',
    ]);
    expect(spokenReading(1.2, 0.05)).toBe('1.2 ±0.05 mm');
    expect(spokenRange(run.range)).toEqual(run.range);
  });
});

describe('in a shop in inches', () => {
  beforeEach(() => speakIn(inches));

  it('figures are in its units', () => {
    expect([spokenLength(101.6), spokenTravel(8), spokenFlow(18)]).toEqual(['4 in', '18.9 in/min', '38 CFH']);
    expect(spokenReading(1.27, 0.0508)).toBe('0.05 ±0.002 in');
    expect(spokenUnit('W')).toEqual({ unit: 'W', own: 1 });
  });

  it('pressure, warmth, weight, distance and money are in its units', () => {
    expect(spokenForce(12_600)).toBe('2830 lbf');
    expect([spokenPressure(138), spokenLowPressure(0.4), spokenTemperature(22)]).toEqual([
      ...['2002 psi', '5.8 psi', '71.6 °F'],
    ]);
    expect([spokenMass(5), spokenDistance(30), spokenMoney(12.5)]).toEqual(['11 lb', '98 ft', '$ 12.5']);
  });

  it.each([
    ['4', 'mm', 'length', 101.6],
    ['4 mm', 'mm', 'length', 4],
    ['2000', 'bar', 'pressure', 137.895146],
    ['72', '°C', 'temperature', 22.222222],
    ['20 °C', '°C', 'temperature', 20],
    ['11', 'kg', 'mass', 4.989516],
    ['100', 'm', 'length', 30.48],
    ['24', 'mm/s', 'speed', 10.16],
  ] as const)('%s typed for %s is read in its unit', (text, unit, dimension, value) => {
    const range = { quantity: 'what is typed', min: 0, max: 2000, unit };
    expect(readTyped(text, { range, dimension })).toEqual({ value });
  });

  it('what a field begins with is read back as it was', () => {
    for (const [value, unit, dimension] of [
      [137.895146, 'bar', 'pressure'],
      [1.016, 'mm', 'length'],
      [2.267962, 'kg', 'mass'],
    ] as const) {
      const range = { quantity: 'what is typed', min: 0, max: 2000, unit };
      expect(readTyped(typedText(value, unit, 2), { range, dimension })).toEqual({ value });
    }
  });

  it('what is allowed is said in it, and is allowed', () => {
    const said = spokenRange(run.range);
    expect(readTyped('900', { ...run })).toEqual({
      fault: expect.stringContaining(`${said.min} to ${said.max} in`) as string,
    });
    for (const edge of [said.min, said.max])
      expect(readTyped(String(edge), { ...run })).toHaveProperty('value');
  });
});
