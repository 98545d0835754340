import fc from 'fast-check';
import { findMetal } from '../metal/index.js';
import { celsius, inCelsius, inDegrees, inMm, kelvin, mm } from '../quantity/index.js';
import {
  coolingTime,
  distanceFromFusion,
  distortion,
  partWarming,
  peakTemperature,
  thickPlateTemperature,
  thinPlateTemperature,
  tintBands,
} from './index.js';

const source = { absorbed: 800, conductivity: 25, diffusivity: 5.4e-6, travel: 0.008, start: celsius(20) };
const heat = {
  absorbedPerLength: 60e3,
  density: 7450,
  heatCapacity: 620,
  thickness: mm(2),
  start: celsius(20),
  melting: kelvin(1715),
};

describe('temperatures around a moving source', () => {
  const place = fc.double({ min: -0.05, max: 0.05, noNaN: true }).filter((x) => Math.abs(x) > 1e-4);

  it('are above the start, symmetrical across the seam, and higher behind than before the beam', () => {
    fc.assert(
      fc.property(place, place, (along, aside) => {
        const behind = thickPlateTemperature(source, -Math.abs(along), aside, 0);
        const before = thickPlateTemperature(source, Math.abs(along), aside, 0);
        expect(before).toBeGreaterThanOrEqual(source.start);
        expect(behind).toBeGreaterThanOrEqual(before);
        expect(thinPlateTemperature(source, mm(2), along, aside)).toBe(
          thinPlateTemperature(source, mm(2), along, -aside),
        );
      }),
    );
  });

  it('stay finite where exponentials alone would not', () => {
    const far = { ...source, travel: 1 };
    expect(thinPlateTemperature(far, mm(2), -0.02, 0)).toBeGreaterThan(far.start);
    expect(thinPlateTemperature(far, mm(2), 0.02, 0)).toBe(far.start);
  });

  it('carry the source’s power past any line behind it', () => {
    // Far behind, the flow rho cp v t times the rise, summed across the sheet, is all the power.
    const [step, reach] = [1e-4, 0.2];
    let sum = 0;
    for (let y = -reach; y <= reach; y += step) {
      sum += (thinPlateTemperature(source, mm(2), -0.1, y) - source.start) * step;
    }
    const heatCapacityPerVolume = source.conductivity / source.diffusivity;
    expect(sum * heatCapacityPerVolume * source.travel * 0.002).toBeCloseTo(source.absorbed, -1);
  });
});

describe('peak temperature beside the seam', () => {
  it('and distance are each other’s inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 50, max: 1400, noNaN: true }), (peakC) => {
        const distance = distanceFromFusion(heat, celsius(peakC));
        expect(inCelsius(peakTemperature(heat, distance))).toBeCloseTo(peakC, 6);
      }),
    );
    expect(distanceFromFusion(heat, heat.melting)).toBe(0);
  });
});

describe('colour', () => {
  const weld = {
    metal: findMetal('stainless304'),
    heat,
    faceWidth: 2.5e-3,
    rootWidth: 1e-3,
    leftUnderMelt: 0,
  };

  it('runs straw outside gold outside blue, and narrower behind where the root is narrower', () => {
    const tint = tintBands(weld);
    expect(tint?.front.straw).toBeGreaterThan(tint?.front.gold as number);
    expect(tint?.front.gold).toBeGreaterThan(tint?.front.blue as number);
    expect(tint?.front.blue).toBeGreaterThan(weld.faceWidth);
    expect((tint?.front.straw ?? 0) - (tint?.back.straw ?? 0)).toBeCloseTo(1.5e-3, 12);
    expect(inMm(tint!.front.straw)).toBeCloseTo(
      2.5 + 2 * inMm(mm(1000 * distanceFromFusion(heat, celsius(290)))),
      9,
    );
  });

  it('fades behind as metal is left under the melt, and is none where there is enough of it', () => {
    const partial = tintBands({ ...weld, rootWidth: 0, leftUnderMelt: 0.5e-3 });
    expect(partial?.back.straw).toBeLessThan(tintBands(weld)?.back.straw as number);
    expect(tintBands({ ...weld, rootWidth: 0, leftUnderMelt: 0.05 })?.back).toEqual({
      straw: 0,
      gold: 0,
      blue: 0,
    });
  });

  it('is not shown by aluminium', () => {
    expect(tintBands({ ...weld, metal: findMetal('aluminium5052') })).toBeNull();
  });
});

describe('cooling time', () => {
  const plate = {
    absorbedPerLength: 80e3,
    conductivity: 32,
    density: 7600,
    heatCapacity: 680,
    start: celsius(20),
  };
  const from800to500 = (thickness: number) =>
    coolingTime({ ...plate, thickness: mm(thickness) }, celsius(800), celsius(500));

  it('falls with the square of the thickness, down to that of a thick plate', () => {
    expect(from800to500(1) / from800to500(2)).toBeCloseTo(4, 9);
    expect(from800to500(30)).toBe(from800to500(60));
    expect(from800to500(30)).toBeCloseTo((80e3 / (2 * Math.PI * 32)) * (1 / 480 - 1 / 780), 9);
  });
});

describe('a small part', () => {
  const part = { absorbed: 500, conductivity: 140, diffusivity: 5.27e-5, travel: 0.008, thickness: mm(2) };
  it('runs hotter the nearer its edges are, and not at all where they are far', () => {
    const at = (edgeMm: number) => partWarming({ ...part, edgeDistance: edgeMm / 1000 });
    expect(at(10)).toBeGreaterThan(at(20));
    expect(at(20)).toBeGreaterThan(5);
    expect(at(400)).toBeLessThan(0.01);
  });
});

describe('pull', () => {
  const seam = {
    absorbedPerLength: 60e3,
    density: 7450,
    heatCapacity: 620,
    expansion: 18.5e-6,
    meltRise: 1422,
    heatedThickness: mm(2),
    thickness: mm(2),
    faceWidth: mm(2.5),
    rootWidth: mm(1),
  };
  it('grows with the heat; a seam as wide behind as in front does not turn the sheet', () => {
    const usual = distortion(seam);
    expect(distortion({ ...seam, absorbedPerLength: 120e3 }).transverseShrinkage).toBeCloseTo(
      2 * usual.transverseShrinkage,
      12,
    );
    expect(inDegrees(usual.angle)).toBeCloseTo(((18.5e-6 * 1422 * 1.5) / 2) * (180 / Math.PI), 9);
    expect(distortion({ ...seam, rootWidth: mm(2.5) }).angle).toBe(0);
    expect(distortion({ ...seam, rootWidth: mm(3) }).angle).toBeLessThan(0);
  });
});
