import { jobWeld } from '@lone-heron/contract/testing';
import { isStroke, nextToPlace, readLengthMm, strokeShare, widthByMeasure } from './placeOnPicture.js';

const picture = { photoId: 'x', name: 'front', heightShare: 0.5, widthMm: null as number | null };
const stroke = (x1: number, y1: number, x2: number, y2: number) => ({
  from: { x: x1, y: y1 },
  to: { x: x2, y: y2 },
});

describe('a seam on a picture', () => {
  it('is as long as it looks, whichever way it runs', () => {
    expect(strokeShare(stroke(0, 0, 0.2, 0), picture)).toBeCloseTo(0.2, 12);
    expect(strokeShare(stroke(0, 0, 0, 0.4), picture)).toBeCloseTo(0.2, 12);
    expect(strokeShare(stroke(0, 0, 0.3, 0.8), picture)).toBeCloseTo(0.5, 12);
    expect(isStroke(stroke(0.1, 0.1, 0.101, 0.1), picture)).toBe(false);
  });

  it('has its length in mm once the picture was measured by something known', () => {
    expect(readLengthMm(stroke(0, 0, 0.2, 0), picture)).toBeNull();
    const widthMm = widthByMeasure(stroke(0, 0, 0.25, 0), 300, picture);
    expect(widthMm).toBe(1200);
    expect(readLengthMm(stroke(0, 0, 0, 0.4), { ...picture, widthMm })).toBe(240);
  });

  it('is the next that has no place yet', () => {
    const photoId = '019a0000-0000-7000-8000-0000000000aa';
    const placed = { place: { photoId, ...stroke(0, 0, 1, 1) } };
    const welds = [jobWeld('W1', placed), jobWeld('W2'), jobWeld('W3')];
    expect([nextToPlace(welds, null), nextToPlace(welds, 'W2'), nextToPlace(welds, 'W3')]).toEqual([
      'W2',
      'W3',
      'W2',
    ]);
    expect(nextToPlace([jobWeld('W1', placed)], 'W1')).toBeNull();
  });
});
