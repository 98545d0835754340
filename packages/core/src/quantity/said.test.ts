import { mm, mmPerSecond, saidLength, saidSpeed } from './index.js';

const inches = { length: 'in', travel: 'in/min' } as const;

describe('quantities as sentences say them', () => {
  it('lengths: millimetres as finely as is asked, inches to the thousandth', () => {
    expect(saidLength(mm(0.456))).toBe('0.5 mm');
    expect(saidLength(mm(0.456), undefined, 2)).toBe('0.46 mm');
    expect(saidLength(mm(0.456), inches)).toBe('0.018 in');
    expect(saidLength(mm(25.4), inches, 2)).toBe('1 in');
  });

  it('paces, in each unit a house may say them in', () => {
    expect(saidSpeed(mmPerSecond(5.13), undefined, 1)).toBe('5.1 mm/s');
    expect(saidSpeed(mmPerSecond(5.13), { length: 'mm', travel: 'cm/min' })).toBe('31 cm/min');
    expect(saidSpeed(mmPerSecond(5.13), inches, 1)).toBe('12.1 in/min');
  });
});
