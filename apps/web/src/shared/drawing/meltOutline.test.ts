import { meltOutline, rootHalfWidth } from './meltOutline.js';

/** Largest and smallest y that an outline's points reach. */
function span(path: string): { top: number; bottom: number } {
  const ys = [...path.matchAll(/-?[\d.]+ (-?[\d.]+)/g)].map((match) => Number(match[1]));
  return { top: Math.min(...ys), bottom: Math.max(...ys) };
}

describe('the outline of a melt', () => {
  it('ends at its depth where it stops short of the back', () => {
    const melt = { widthMm: 2, depthMm: 1, thicknessMm: 2 };
    expect(span(meltOutline(melt)).bottom).toBeCloseTo(1, 3);
    expect(rootHalfWidth(melt)).toBe(0);
  });

  it('comes out behind, wider and lower the further it passes', () => {
    const just = { widthMm: 2, depthMm: 2.1, thicknessMm: 2 };
    const far = { ...just, depthMm: 3 };
    expect(rootHalfWidth(far)).toBeGreaterThan(rootHalfWidth(just));
    expect(span(meltOutline(far)).bottom).toBeGreaterThan(span(meltOutline(just)).bottom);
    expect(span(meltOutline(just)).bottom).toBeGreaterThan(2);
  });

  it('has a crown', () => {
    expect(span(meltOutline({ widthMm: 2, depthMm: 1, thicknessMm: 2 })).top).toBeLessThan(0);
  });
});
