import { tagPlaces } from './tagPlaces.js';

const seam = (mark: string, x: number, y: number) => ({ mark, from: { x, y }, to: { x, y } });
const picture = { width: 100, height: 60, letter: 2 };

it('lays a tag over the middle of its seam', () => {
  const [tag] = tagPlaces([{ mark: 'W1', from: { x: 0.2, y: 0.5 }, to: { x: 0.4, y: 0.5 } }], picture);
  expect(tag?.x).toBeCloseTo(30);
  expect(tag?.y).toBeCloseTo(30 - 2.7);
});

it('lays no two over each other where many seams meet, and none outside', () => {
  const marks = Array.from({ length: 12 }, (_, i) => seam(`W${i + 1}`, 0.01, 0.02));
  const places = tagPlaces(marks, picture);
  expect(places).toHaveLength(12);
  for (const [i, { x, y, width, height }] of places.entries()) {
    expect(x - width / 2).toBeGreaterThanOrEqual(0);
    expect(y - height / 2).toBeGreaterThanOrEqual(0);
    for (const other of places.slice(i + 1))
      expect(
        Math.abs(x - other.x) >= (width + other.width) / 2 ||
          Math.abs(y - other.y) >= (height + other.height) / 2,
      ).toBe(true);
  }
});
