import { houseStarts, type HouseUnits } from '@lone-heron/contract';
import { readTyped } from './readTyped.js';
import { speakIn } from './shopUnits.js';
import { spokenFlow, spokenLength, spokenRange, spokenReading, spokenTravel, spokenUnit } from './spoken.js';

const inches: HouseUnits = { length: 'in', travel: 'in/min', gasFlow: 'CFH' };
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

  it('a bare number is in the shop’s unit where the field shows it, and in the range’s own where it does not', () => {
    expect(readTyped('4', { ...run, isSpoken: true })).toEqual({ value: 101.6 });
    expect(readTyped('4 mm', { ...run, isSpoken: true })).toEqual({ value: 4 });
    expect(readTyped('4', run)).toEqual({ value: 4 });
  });

  it('what is allowed is said in it, and is allowed', () => {
    const said = spokenRange(run.range);
    expect(readTyped('900', { ...run, isSpoken: true })).toEqual({
      fault: expect.stringContaining(`${said.min} to ${said.max} in`) as string,
    });
    for (const edge of [said.min, said.max])
      expect(readTyped(String(edge), { ...run, isSpoken: true })).toHaveProperty('value');
  });
});
