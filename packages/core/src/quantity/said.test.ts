import { inches } from '../testing/inches.js';
import {
  barGauge,
  celsius,
  joulePerMetre,
  mm,
  mmPerSecond,
  normalLitrePerMinute,
  saidDegrees,
  saidFlow,
  saidHeat,
  saidLength,
  saidPressure,
  saidSpeed,
  saidTemperature,
} from './index.js';

describe('quantities as sentences say them', () => {
  it('lengths: millimetres as finely as is asked, inches to the thousandth', () => {
    expect(saidLength(mm(0.456))).toBe('0.5 mm');
    expect(saidLength(mm(0.456), undefined, 2)).toBe('0.46 mm');
    expect(saidLength(mm(0.456), inches)).toBe('0.018 in');
    expect(saidLength(mm(25.4), inches, 2)).toBe('1 in');
  });

  it('paces, in each unit a house may say them in', () => {
    expect(saidSpeed(mmPerSecond(5.13), undefined, 1)).toBe('5.1 mm/s');
    expect(saidSpeed(mmPerSecond(5.13), { ...inches, length: 'mm', travel: 'cm/min' })).toBe('31 cm/min');
    expect(saidSpeed(mmPerSecond(5.13), inches, 1)).toBe('12.1 in/min');
  });

  it('heat a length: joules a millimetre, kilojoules an inch', () => {
    expect(saidHeat(joulePerMetre(84_600))).toBe('85 J/mm');
    expect(saidHeat(joulePerMetre(84_600), inches)).toBe('2.15 kJ/in');
  });

  it('flows, pressures and temperatures', () => {
    const flow = normalLitrePerMinute(15.26);
    expect([saidFlow(flow), saidFlow(flow, undefined, 0), saidFlow(flow, inches)]).toEqual([
      '15.3 L/min',
      '15 L/min',
      '32 CFH',
    ]);
    expect([saidPressure(barGauge(120)), saidPressure(barGauge(120), inches)]).toEqual([
      '120 bar',
      '1740 psi',
    ]);
    expect(saidPressure(barGauge(0.3), inches)).toBe('4.4 psi');
    expect([saidTemperature(celsius(17)), saidTemperature(celsius(17), inches)]).toEqual([
      '17 °C',
      '62.6 °F',
    ]);
  });

  it('degrees between temperatures, which are no temperatures', () => {
    expect([saidDegrees(4), saidDegrees(4, inches)]).toEqual(['4 °C', '7.2 °F']);
  });
});
