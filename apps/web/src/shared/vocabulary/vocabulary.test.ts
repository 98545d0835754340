import { figure, mmFigure, percentFigure } from '../figures/figures.js';
import { shownMoment } from '../figures/moments.js';
import { dialledInWords, jointInWords } from '../sentences/settingInWords.js';
import { foundInWords } from './testWords.js';

describe('what a section found', () => {
  it('is everything that was measured on it', () => {
    const detail = {
      kind: 'section',
      grits: '',
      etchant: 'none',
      isThrough: true,
      photoId: null,
      measured: { crown: { mm: 0.4, giveMm: 0.05 }, misalignment: { mm: 0.2, giveMm: 0.05 } },
    } as const;
    expect(foundInWords(detail)).toBe('through, crown 0.4 ±0.05 mm, misalignment 0.2 ±0.05 mm');
  });
});

describe('figures', () => {
  it.each([
    [figure(1.5875, 2), '1.59'],
    [figure(2, 2), '2'],
    [mmFigure(0.1), '0.1 mm'],
    [mmFigure(101.6), '101.6 mm'],
    [percentFigure(0.664), '66\u202f%'],
    [percentFigure(0.001), 'under 1\u202f%'],
    [percentFigure(0.999), 'over 99\u202f%'],
  ])('are written %s', (written, expected) => {
    expect(written).toBe(expected);
  });
});

describe('moments', () => {
  const now = new Date('2026-11-24T12:00:00');
  it.each([
    ['2026-11-24T09:05:00', 'today 09:05'],
    ['2026-03-02T18:30:00', '2 Mar 18:30'],
    ['2025-12-31T23:59:00', '31 Dec 2025'],
  ])('%s is %s', (moment, shown) => {
    expect(shownMoment(moment, now)).toBe(shown);
  });
});

describe('a joint and its setting in a line', () => {
  it('names both sheets where they differ, wire or the hand’s pace, and the gas', () => {
    const joint = {
      kind: 'butt',
      metal: 'stainless304',
      firstThicknessMm: 1.5,
      secondThicknessMm: 3,
      gapMm: 0,
    } as const;
    expect(jointInWords(joint)).toBe('304 stainless 1.5 mm to 3 mm butt, gap 0 mm');
    const conditions = { backing: 'copper', surface: 'clean', position: 'overhead' } as const;
    expect(
      jointInWords({
        ...joint,
        conditions: { ...conditions, stitches: { lengthMm: 20, pitchMm: 60, offsetMm: 0 } },
      }),
    ).toBe(
      '304 stainless 1.5 mm to 3 mm butt, gap 0 mm, overhead, a copper bar behind, stitches of 20 mm every 60 mm',
    );
    const base = { powerW: 870, dutyPercent: 100, gas: 'dryAir', gasFlowLMin: 20 } as const;
    expect(
      dialledInWords({
        ...base,
        wobble: { shape: 'circle', widthMm: 2, frequencyHz: 60 },
        pace: { by: 'wire', wireDiameterMm: 1, wireSpeedMmS: 10 },
      }),
    ).toBe('870 W, circle 2 mm at 60 Hz, 1.0 mm wire at 60 cm/min, dry air 20 L/min');
    expect(dialledInWords({ ...base, wobble: { shape: 'none' }, pace: { by: 'hand', travelMmS: 8 } })).toBe(
      '870 W, no wobble, 8 mm/s by hand, dry air 20 L/min',
    );
  });
});
