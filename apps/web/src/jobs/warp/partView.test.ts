import type { FlatGrid, PartShape } from '@lone-heron/core';
import { partView } from './partView.js';

const grid: FlatGrid = { columns: 2, rows: 1, side: 0.05, left: 0, top: 0, nodes: 6, reach: 3 };
const flat = (): PartShape => ({
  u: new Float64Array(grid.nodes),
  v: new Float64Array(grid.nodes),
  w: new Float64Array(grid.nodes),
});

describe('a bent part on the page', () => {
  it('has every cell once, the nearest last', () => {
    const { cells } = partView(grid, flat());
    expect(cells.map(({ at }) => at).toSorted()).toEqual([0, 1]);
    expect(cells.at(-1)!.at).toBe(1);
    expect(cells.every(({ shade }) => shade === 0)).toBe(true);
  });

  it('rises where the part does, ten times as far, and is shaded there', () => {
    const lifted = flat();
    lifted.w.fill(1e-3);
    const [low, high] = [flat(), lifted].map((shape) => partView(grid, shape).place(0.05, 0.025));
    expect(low![1] - high![1]).toBeCloseTo(10 * Math.cos(0.75), 6);
    const tilted = flat();
    tilted.w[0] = 1e-3;
    expect(partView(grid, tilted).cells.some(({ shade }) => shade !== 0)).toBe(true);
  });

  it('stands in a box that holds it flat', () => {
    const { cells, box } = partView(grid, flat());
    for (const [x, y] of cells.flatMap(({ corners }) => corners)) {
      expect(x).toBeGreaterThanOrEqual(box.left - 1e-9);
      expect(x).toBeLessThanOrEqual(box.left + box.width + 1e-9);
      expect(y).toBeGreaterThan(box.top);
      expect(y).toBeLessThan(box.top + box.height);
    }
  });
});
