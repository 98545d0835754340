import { byteLight, whiteOf } from './whiteBalance.js';

const light = byteLight();
const lightOf = (value: number) => light[value] ?? NaN;
const [width, height] = [40, 30];

/** A picture whose place (x, y) has these three values. */
function pictureOf(at: (x: number, y: number) => readonly [r: number, g: number, b: number]) {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) data.set([...at(x, y), 255], 4 * (y * width + x));
  return { width, height, data };
}

describe('the white of a picture', () => {
  it('is the mean light of the 13 by 13 places around it, by their rows and columns', () => {
    const white = whiteOf(
      pictureOf((x, y) => [100 + x, 100 + 2 * y, 200]),
      { x: 15.2, y: 12 },
      light,
    );
    const mean = (of: (i: number) => number) =>
      Array.from({ length: 13 }, (_, i) => lightOf(of(i))).reduce((sum, each) => sum + each, 0) / 13;
    expect(white.r).toBeCloseTo(
      mean((i) => 100 + 15 - 6 + i),
      12,
    );
    expect(white.g).toBeCloseTo(
      mean((i) => 100 + 2 * (12 - 6 + i)),
      12,
    );
    expect(white.b).toBeCloseTo(lightOf(200), 12);
  });

  it('is of what there is of them at a corner', () => {
    const white = whiteOf(
      pictureOf((x, y) => (x <= 6 && y <= 6 ? [150, 150, 150] : [250, 250, 250])),
      { x: 0, y: 0 },
      light,
    );
    expect(white.r).toBeCloseTo(lightOf(150), 12);
    const last = whiteOf(
      pictureOf((x, y) => (x >= 33 && y >= 23 ? [150, 150, 150] : [250, 250, 250])),
      { x: width - 1, y: height - 1 },
      light,
    );
    expect(last.r).toBeCloseTo(lightOf(150), 12);
  });

  it('is neither in shadow nor burnt out, in any channel, nor beside the picture', () => {
    const at =
      (r: number, g: number, b: number, x = 20) =>
      () =>
        whiteOf(
          pictureOf(() => [r, g, b]),
          { x, y: 15 },
          light,
        );
    expect(at(61, 251, 120)).not.toThrow();
    expect(at(59, 200, 200)).toThrow('white a place that is too dark');
    expect(at(200, 200, 59)).toThrow('white a place that is too dark');
    expect(at(200, 253, 200)).toThrow('white a place that is burnt out');
    expect(at(200, 200, 200, -20)).toThrow('white a place beside the picture');
  });
});
