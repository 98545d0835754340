import { meshLine } from '../field/index.js';
import { frameAt, rasterInto, sectionRaster, type RasterWindow } from './raster.js';

const line = (...edges: readonly number[]) => meshLine(Float64Array.from(edges));
const across = line(0, 1, 2, 4, 8);
const down = line(0, 1, 3, 4);
/** A section whose cell in the third column of the middle row is a hole. */
const cellAtPlace = Int32Array.of(0, 1, 2, 3, 4, 5, -1, 6, 7, 8, 9, 10);
const rasterOf = (window: RasterWindow, isHalf = false) =>
  sectionRaster({ cut: { section: { across, down, cellAtPlace }, isHalf } } as never, window);

/** What a raster shows of a field that rises evenly across and down, by the middles of the cells. */
const linear = (y: number, z: number) => 3 + 2 * y - 5 * z;
const values = Float64Array.from({ length: 11 }, (_, cell) => {
  const place = cellAtPlace.indexOf(cell);
  return linear(across.centres[place % 4] ?? NaN, down.centres[Math.floor(place / 4)] ?? NaN);
});
const shown = (window: RasterWindow, isHalf = false) =>
  Array.from(rasterInto(rasterOf(window, isHalf), values, new Float32Array(window.columns * window.rows)));

describe('a raster over a section', () => {
  it('shows what rises evenly as it is, between the middles of the cells', () => {
    const window = { left: 0.5, top: 0.5, step: 0.25, columns: 3, rows: 7 };
    shown(window).forEach((value, i) => {
      const [y, z] = [0.5 + (i % 3) * 0.25, 0.5 + Math.floor(i / 3) * 0.25];
      expect(value).toBeCloseTo(linear(y, z), 5);
    });
  });

  it('shows the middle of the last cell out to its edge, and nothing beyond the section or in its hole', () => {
    const [outside, atEdge, inHole] = [
      { left: -0.1, top: 0.5, step: 1, columns: 1, rows: 1 },
      { left: 0, top: 0, step: 1, columns: 1, rows: 1 },
      { left: 3, top: 2, step: 1, columns: 1, rows: 1 },
    ].map((window) => shown(window)[0]);
    expect(outside).toBeNaN();
    expect(atEdge).toBeCloseTo(linear(0.5, 0.5), 5);
    expect(inHole).toBeNaN();
    expect(shown({ left: 8.1, top: 0.5, step: 1, columns: 1, rows: 1 })[0]).toBeNaN();
    expect(shown({ left: 0.5, top: 4.1, step: 1, columns: 1, rows: 1 })[0]).toBeNaN();
  });

  it('shares out among the cells that are metal beside a hole', () => {
    // Between the middles of the second and the third column, of which the latter is a hole in the middle row.
    const [value] = shown({ left: 1.9, top: 2, step: 1, columns: 1, rows: 1 });
    expect(value).toBeCloseTo(linear(1.5, 2), 5);
  });

  it('shows a half section on both sides', () => {
    const [left, right] = shown({ left: -1.5, top: 2, step: 3, columns: 2, rows: 1 }, true);
    expect(left).toBeCloseTo(linear(1.5, 2), 5);
    expect(right).toBe(left);
  });
});

it('a moment lies a share of the way between the frames around it', () => {
  const times = Float64Array.of(0, 1, 3, 7);
  expect(frameAt(times, -1)).toEqual([0, 0]);
  expect(frameAt(times, 0.25)).toEqual([0, 0.25]);
  expect(frameAt(times, 3)).toEqual([2, 0]);
  expect(frameAt(times, 6)).toEqual([2, 0.75]);
  expect(frameAt(times, 9)).toEqual([3, 0]);
});
