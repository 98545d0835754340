import { acrossFace, belowFace, lengthBetween } from './measureOnPicture.js';
import { pointSd } from './pictureScale.js';

const scale = { mmPerPixel: 0.1, relativeSd: 0.02 };
/** A face that rises three pixels on four. */
const face = { left: { x: 10, y: 100 }, right: { x: 90, y: 40 } };
/** So many pixels along the face from its left point, and so many down into the sheet. */
const place = (along: number, below: number) => ({
  x: 10 + 0.8 * along + 0.6 * below,
  y: 100 - 0.6 * along + 0.8 * below,
});

describe('lengths on a picture', () => {
  it('are as uncertain as two points and the scale', () => {
    const { mm, sdMm } = lengthBetween({ x: 3, y: 4 }, { x: 33, y: 44 }, scale);
    expect(mm).toBeCloseTo(5, 12);
    expect(sdMm).toBeCloseTo(Math.hypot(Math.SQRT2 * pointSd * 0.1, 5 * 0.02), 12);
  });

  it.each([
    [0, 1],
    [25, Math.hypot(0.75, 0.25)],
    [50, Math.SQRT1_2],
    [100, 1],
    [200, Math.hypot(1, 2)],
    [-50, Math.hypot(1.5, 0.5)],
  ])('below the face, %d pixels along it, know the line to %d of a point', (along, line) => {
    const { mm, sdMm } = belowFace(place(along, 30), face, scale);
    expect(mm).toBeCloseTo(3, 9);
    expect(sdMm).toBeCloseTo(Math.hypot(Math.hypot(pointSd, pointSd * line) * 0.1, 3 * 0.02), 9);
    expect(belowFace(place(along, -12), face, scale).mm).toBeCloseTo(-1.2, 9);
  });

  it('across the face do not mind how far apart along it they are', () => {
    expect(acrossFace(place(0, 5), place(90, 9), face, scale).mm).toBeCloseTo(0.4, 9);
    expect(acrossFace(place(90, 9), place(0, 5), face, scale).mm).toBeCloseTo(0.4, 9);
  });
});
