import { pressureSlip, temperatureSlip, thicknessSlip, wireSpeedSlip, wobbleRateSlip } from './index.js';

describe('a wire speed in the wrong unit', () => {
  it.each([
    [57, 'mm/s', 'cm/min', 9.5],
    [24, 'mm/s', 'in/min', 10.16],
    [60, 'in/min', 'cm/min', 10],
    [24, 'cm/min', 'in/min', 10.16],
    [0.6, 'cm/min', 'm/min', 10],
    [10, 'cm/min', 'mm/s', 10],
    [1, 'mm/s', 'cm/s', 10],
    [0.6, 'mm/s', 'm/min', 10],
    [600, 'mm/s', 'mm/min', 10],
    [0.4, 'mm/s', 'in/s', 10.16],
  ] as const)('%d %s was probably %s, %d mm/s', (value, unit, meant, speed) => {
    const slip = wireSpeedSlip(value, unit, { wanted: 9.8 });
    expect(slip?.words).toContain(`Probably ${value} ${meant}, which is ${speed.toFixed(1)} mm/s.`);
  });

  it('gives the meant speed in the unit that it was read in', () => {
    expect(wireSpeedSlip(24, 'cm/min', { wanted: 10 })?.probably).toBeCloseTo(60.96, 9);
  });

  it('is not raised near what the seam asks for, or within what feeders do', () => {
    expect(wireSpeedSlip(60, 'cm/min', { wanted: 9 })).toBeNull();
    expect(wireSpeedSlip(90, 'cm/min', { wanted: 9 })).toBeNull();
    expect(wireSpeedSlip(1.2, 'm/min', { wanted: null })).toBeNull();
  });

  it('at the ends of what feeders do is none, and just beyond them one', () => {
    expect(wireSpeedSlip(3, 'mm/s', { wanted: null })).toBeNull();
    expect(wireSpeedSlip(60, 'mm/s', { wanted: null })).toBeNull();
    expect(wireSpeedSlip(2.9, 'mm/s', { wanted: null })).not.toBeNull();
    expect(wireSpeedSlip(60.1, 'mm/s', { wanted: null })).not.toBeNull();
  });

  it('of several likely units is the one nearest the middle of what feeders do, where nothing is wanted', () => {
    // 1 m/min is 16.7 mm/s, 1 cm/s is 10: the middle of 3 and 60 is 13.4.
    expect(wireSpeedSlip(1, 'mm/s', { wanted: null })?.words).toContain('Probably 1 m/min');
  });

  it('is said without a guess where none is likely', () => {
    expect(wireSpeedSlip(1e6, 'm/min', { wanted: null })).toEqual({
      words: '1000000 m/min is no usual wire speed (3 to 60 mm/s).',
      probably: null,
    });
  });
});

describe('a thickness that is no sheet', () => {
  it.each([
    [38.1, 'millimetres, read as inches', 1.5],
    [63, 'thousandths of an inch, read as millimetres', 1.6002],
    [0.063, 'inches, read as millimetres', 1.6002],
    [15, 'millimetres, read as centimetres', 1.5],
  ])('%d mm was probably %s', (value, meant, mm) => {
    const slip = thicknessSlip(value);
    expect(slip?.words).toContain(`Probably ${meant}`);
    expect(slip?.probably).toBeCloseTo(mm, 6);
  });

  it('is any gauge and plate up to 12 mm', () => {
    expect(thicknessSlip(0.32004)).toBeNull();
    expect(thicknessSlip(12)).toBeNull();
    expect(thicknessSlip(1e6)?.probably).toBeNull();
  });
});

describe('a wobble rate', () => {
  it('of hundreds was probably a sweep speed, and a sweep speed of tens probably a rate', () => {
    expect(wobbleRateSlip(400, 'Hz', 4)?.probably).toBe(100);
    expect(wobbleRateSlip(15, 'mm/s', 4)).toEqual({
      words: '15 mm/s is no usual wobble rate (5 to 350 Hz). Probably 15 Hz.',
      probably: 60,
    });
    expect(wobbleRateSlip(60, 'Hz', 4)).toBeNull();
    expect(wobbleRateSlip(300, 'mm/s', 4)).toBeNull();
    expect(wobbleRateSlip(1e6, 'Hz', 4)?.probably).toBeNull();
  });

  it('at the ends of what guns do is none', () => {
    expect(wobbleRateSlip(5, 'Hz', 4)).toBeNull();
    expect(wobbleRateSlip(350, 'Hz', 4)).toBeNull();
    expect(wobbleRateSlip(4.9, 'Hz', 4)).not.toBeNull();
  });
});

describe('a temperature', () => {
  it.each([
    [72, 'Probably 72 °F, which is 22.2 °C', 22.222],
    [296, 'Probably 296 K, which is 22.9 °C', 22.85],
    [-40, '-40 °C is out of reach here (0 to 60 °C).', null],
  ])('of %d °C where 0 to 60 can be: %s', (given, words, probably) => {
    const slip = temperatureSlip(given, { min: 0, max: 60 });
    expect(slip?.words).toContain(words);
    if (probably === null) expect(slip?.probably).toBeNull();
    else expect(slip?.probably).toBeCloseTo(probably, 2);
  });

  it('inside its range is none, ends included', () => {
    expect(temperatureSlip(60, { min: 0, max: 60 })).toBeNull();
    expect(temperatureSlip(0, { min: 0, max: 60 })).toBeNull();
  });

  it('is guessed where it lies at an end of the range in another unit', () => {
    expect(temperatureSlip(212, { min: 0, max: 100 })?.probably).toBe(100);
    expect(temperatureSlip(212, { min: 100, max: 200 })?.probably).toBe(100);
  });
});

describe('a pressure', () => {
  it.each([
    [2600, 'Probably 2600 psi, which is 179.3 bar', 179.264],
    [20_000, 'Probably 20000 kPa, which is 200.0 bar', 200],
    [-3, '-3 bar is out of reach here (0 to 350 bar).', null],
  ])('of %d bar where 0 to 350 can be: %s', (given, words, probably) => {
    const slip = pressureSlip(given, { min: 0, max: 350 });
    expect(slip?.words).toContain(words);
    if (probably === null) expect(slip?.probably).toBeNull();
    else expect(slip?.probably).toBeCloseTo(probably, 2);
  });

  it('inside its range is none, ends included', () => {
    expect(pressureSlip(0, { min: 0, max: 350 })).toBeNull();
    expect(pressureSlip(350, { min: 0, max: 350 })).toBeNull();
  });

  it('is guessed where it lies at an end of the range in another unit, and not beyond', () => {
    expect(pressureSlip(1000, { min: 1, max: 10 })?.probably).toBe(10);
    expect(pressureSlip(1000, { min: 10, max: 20 })?.probably).toBe(10);
    expect(pressureSlip(1000, { min: 12, max: 20 })?.probably).toBeNull();
  });

  it('below nothing is never guessed', () => {
    expect(pressureSlip(-5, { min: -1, max: 10 })?.probably).toBeNull();
  });
});
