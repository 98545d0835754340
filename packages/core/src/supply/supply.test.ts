import fc from 'fast-check';
import { celsius, inCelsius, kelvinDifference, watt } from '../quantity/index.js';
import { breakerToAskFor, coolantState, dewPoint, warmUpTime } from './index.js';

describe('dew point', () => {
  it('is the room’s own temperature in saturated air and falls with dryer air', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 40, noNaN: true }),
        fc.integer({ min: 5, max: 99 }),
        (air, humidity) => {
          expect(inCelsius(dewPoint(celsius(air), 100))).toBeCloseTo(air, 9);
          expect(dewPoint(celsius(air), humidity)).toBeLessThan(dewPoint(celsius(air), humidity + 1));
        },
      ),
    );
  });

  it.each([
    [80, 50, 'room temperature'],
    [20, 0, 'humidity 0 %: allowed is 1 to 100 %.'],
    [20, 130, 'humidity 130 %'],
    [NaN, 50, 'room temperature NaN °C'],
  ])('refuses %d °C at %d %% by name', (air, humidity, message) => {
    expect(() => dewPoint(celsius(air), humidity)).toThrow(message);
  });
});

describe('coolant', () => {
  const circuit = { setPoint: celsius(25), lowerLimit: celsius(22), upperLimit: celsius(30) };
  it.each([
    [19, null, 'tooCold', 3],
    [32, null, 'tooWarm', 2],
    [24, 23, 'wet', 1],
    [25, 15, 'ready', null],
    [25, null, 'ready', null],
  ])('at %d °C with a dew point of %s is %s', (coolant, dew, state, by) => {
    const found = coolantState(circuit, celsius(coolant), dew === null ? null : celsius(dew));
    expect(found.state).toBe(state);
    if (by !== null) expect('by' in found ? found.by : NaN).toBeCloseTo(by, 9);
  });

  it('warms by its heat capacity and no faster', () => {
    expect(warmUpTime({ coolantMass: 10, heating: watt(418.6) }, kelvinDifference(6))).toBeCloseTo(600, 9);
    expect(warmUpTime({ coolantMass: 10, heating: watt(418.6) }, kelvinDifference(0))).toBe(0);
  });
});

describe('breaker', () => {
  it('is the next common rating up, and none past the last', () => {
    const draw = (continuous: number) => ({ input: watt(1), current: continuous / 1.25, continuous });
    expect(breakerToAskFor(draw(16))).toBe(16);
    expect(breakerToAskFor(draw(16.01))).toBe(20);
    expect(breakerToAskFor(draw(126))).toBeNull();
  });
});
