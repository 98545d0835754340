import fc from 'fast-check';
import {
  barGauge,
  celsius,
  fraction,
  kelvin,
  litre,
  mm,
  normalLitrePerMinute,
  watt,
} from '../quantity/index.js';
import { bottleReading, coolantReading, flowReading, roomReading } from './index.js';

const circuit = { setPoint: celsius(25), lowerLimit: celsius(21), upperLimit: celsius(32) };
const warmUp = { coolantMass: 12, heating: watt(600) };

describe('a coolant reading', () => {
  it.each([
    [17, null, false, '17 °C is 4 °C below the lower limit of 21 °C: no light yet. About 6 min or more'],
    [33.5, null, false, '33.5 °C is 1.5 °C above the upper limit of 32 °C: no light.'],
    [25, 24, false, 'within 2 °C of the room’s dew point, 24 °C'],
    [22, 24, false, 'warm the circuit by 4 °C'],
    [25, 18, true, '25 °C is inside its limits. It stands 7 °C above the dew point.'],
    [25, null, true, 'The room’s dew point was not taken.'],
  ])('of %d °C at a dew point of %s °C: met %s, %s', (coolant, dew, isMet, words) => {
    const verdict = coolantReading(celsius(coolant), {
      circuit,
      dew: dew === null ? null : celsius(dew),
      warmUp,
    });
    expect(verdict.isMet).toBe(isMet);
    expect(verdict.words).toContain(words);
  });

  it('says no minutes where the heater is not known, and never none', () => {
    const cold = (by: number, known: boolean) =>
      coolantReading(celsius(21 - by), { circuit, dew: null, warmUp: known ? warmUp : null }).words;
    expect(cold(3, false)).toContain('Let it run until then.');
    expect(cold(0.1, true)).toContain('About 1 min or more');
  });
});

describe('a room reading', () => {
  it('passes exactly where coolant at its set point stays 2 °C above the dew point', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 40 }), fc.integer({ min: 10, max: 100 }), (air, humidity) => {
        const room = roomReading(celsius(air), humidity, celsius(25));
        const dew = Number(/dew point is (-?[\d.]+)/.exec(room.words)?.[1]);
        if (Math.abs(dew - 23) > 0.06) expect(room.isMet).toBe(dew < 23);
      }),
    );
  });

  it('only tells where no circuit is known, and refuses a humidity that cannot be', () => {
    expect(roomReading(celsius(22), 50, null)).toEqual({ isMet: true, words: 'The dew point is 11.1 °C.' });
    expect(() => roomReading(celsius(22), 140, null)).toThrow('humidity 140 %: allowed is 1 to 100 %.');
  });
});

describe('a bottle reading', () => {
  const bottle = (bar: number) => ({
    waterVolume: litre(50),
    pressure: barGauge(bar),
    changedAt: barGauge(10),
  });
  const flow = normalLitrePerMinute(15);
  it.each([
    [10, false, '10 bar: the bottle is due.'],
    [15, true, '0.3 h of gas at 15 L/min. Have the next one at hand.'],
    [120, true, '5.6 h of gas at 15 L/min.'],
    [300, true, 'about 15 h'],
  ])('of %d bar: met %s, %s', (bar, isMet, words) => {
    const verdict = bottleReading(bottle(bar), barGauge(bar), flow);
    expect(verdict.isMet).toBe(isMet);
    expect(verdict.words).toContain(words);
  });

  it('asks for the bottle where none is recorded', () => {
    expect(bottleReading(null, barGauge(100), flow)).toMatchObject({
      isMet: true,
      words: expect.stringContaining('Record the bottle'),
    });
    expect(bottleReading(null, barGauge(0), flow).isMet).toBe(false);
  });
});

describe('a flow reading', () => {
  const nozzle = {
    gas: 'argon' as const,
    bore: mm(3),
    pressure: barGauge(1),
    dischargeCoefficient: fraction(0.8),
    gasTemperature: kelvin(293.15),
  };
  it.each([
    [15, true, '15 L/min; a 3 mm bore passes up to'],
    [2, false, 'shields nothing'],
    [900, false, '900 L/min cannot pass a 3 mm bore at 1 bar'],
  ])('of %d L/min: met %s, %s', (litres, isMet, words) => {
    const verdict = flowReading(normalLitrePerMinute(litres), nozzle);
    expect(verdict.isMet).toBe(isMet);
    expect(verdict.words).toContain(words);
  });
});
