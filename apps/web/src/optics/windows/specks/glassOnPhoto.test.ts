import { beamShareOf, glassBetween } from './glassOnPhoto.js';

const optics = {
  fibreCoreMm: 0.05,
  collimatorMm: 75,
  focusLensMm: 150,
  beamQuality: 1.5,
  divergenceMrad: 80,
};

describe('the glass on a photo', () => {
  it('lies between two places on its rim', () => {
    expect(glassBetween({ x: 10, y: 20 }, { x: 110, y: 20 }, 0.4)).toEqual({
      middle: { x: 60, y: 20 },
      radius: 50,
      beamShare: 0.4,
    });
  });

  it('has the beam as wide as focal length times angle, and never wider than itself', () => {
    expect(beamShareOf({ optics }, 24)).toBeCloseTo(0.5, 9);
    expect(beamShareOf({ optics }, 5)).toBe(1);
    expect(beamShareOf({ optics: null }, 24)).toBe(0.5);
  });
});
