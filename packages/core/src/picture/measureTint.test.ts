import { numberStream } from '../testing/numberStream.js';
import { cardMm, generatedFace, type DrawnFace, type FaceToDraw } from './generatedFace.js';
import { measureTint, type TintFound } from './measureTint.js';
import { pictureScale } from './pictureScale.js';

const drawn = (changes: Partial<FaceToDraw> = {}, seed = 1): DrawnFace => {
  const random = numberStream(seed);
  return generatedFace({
    widthsMm: { straw: 6.4, gold: 5, blue: 3.6 },
    beadMm: 2.2,
    offsetMm: 0,
    pixelsPerMm: 14,
    tiltDegrees: 0,
    light: [1, 1, 1],
    random,
    ...changes,
  });
};
const read = (face: DrawnFace, changes: Partial<DrawnFace> = {}): TintFound => {
  const { picture, white, seam, card } = { ...face, ...changes };
  const scale = pictureScale(card.from, card.to, cardMm, 0.02);
  return measureTint({ picture, white, seam, scale, reachMm: 6 });
};

describe('the colours beside a seam', () => {
  it.each([0, 0.5, -0.35, 0.9])('say how far the heat lies off the line: %p mm to the left', (offsetMm) => {
    const { offset } = read(drawn({ offsetMm, tiltDegrees: 4 }));
    expect(Math.abs((offset?.mm ?? NaN) - offsetMm)).toBeLessThan(0.08);
    expect(offset?.sdMm).toBeLessThan(0.08);
  });

  it.each([[[1, 1, 1]], [[1, 0.86, 0.66]], [[0.8, 0.9, 1]]] as const)(
    'have their widths whatever colour the light has: %j',
    (light) => {
      const { widths, left, right } = read(drawn({ light, tiltDegrees: -3 }, 7));
      expect(Math.abs((widths.straw?.mm ?? NaN) / 6.4 - 1)).toBeLessThan(0.08);
      expect(Math.abs((widths.gold?.mm ?? NaN) / 5 - 1)).toBeLessThan(0.08);
      expect(Math.abs((widths.blue?.mm ?? NaN) / 3.6 - 1)).toBeLessThan(0.08);
      expect([left, right]).toEqual(['blue', 'blue']);
    },
  );

  it('turn their sides with the travel', () => {
    const face = drawn({ offsetMm: 0.6 });
    const { from, to } = face.seam;
    const back = read(face, { seam: { from: to, to: from } });
    expect(back.offset?.mm).toBeCloseTo(-(read(face).offset?.mm ?? NaN), 1);
  });

  it('are named by the hottest that shows', () => {
    const face = drawn({ widthsMm: { straw: 6.4, gold: 5, blue: 0 } });
    expect(read(face)).toMatchObject({ left: 'gold', right: 'gold' });
    expect(read(face).widths.blue).toBeUndefined();
  });

  it('are none on a bright seam, and then nothing is said of the aim', () => {
    expect(read(drawn({ widthsMm: { straw: 0, gold: 0, blue: 0 } }))).toEqual({
      left: 'bright',
      right: 'bright',
      offset: null,
      widths: {},
    });
  });

  it('are not read under a white that is burnt out or in shadow, nor along a line that is none', () => {
    const bright = drawn({ light: [1.2, 1.2, 1.2] });
    expect(() => read(bright)).toThrow('white a place that is burnt out');
    expect(() => read(drawn({ light: [0.2, 0.2, 0.2] }))).toThrow('white a place that is too dark');
    const { seam } = drawn();
    expect(() =>
      read(drawn(), { seam: { from: seam.from, to: { ...seam.from, x: seam.from.x + 9 } } }),
    ).toThrow('length of the line');
  });
});
