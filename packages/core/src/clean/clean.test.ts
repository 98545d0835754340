import { fraction, hertz, mm, mmPerSecond, watt } from '../quantity/index.js';
import { cleaningPass } from './index.js';

const pass = {
  ...{ power: watt(1000), duty: fraction(0.5), sweepWidth: mm(50), sweeps: hertz(100), spot: mm(0.5) },
  ...{ travel: mmPerSecond(20), absorptivity: fraction(0.3), thickness: mm(2), density: 7800 },
  ...{ heatCapacity: 500, passes: 2 },
};

it('is the arithmetic of a sweep', () => {
  const { beam, fluence, rowsOverOnePlace, areaRate, sheetRise } = cleaningPass(pass);
  expect(beam).toBeCloseTo(10);
  expect(fluence).toBeCloseTo(500 / (10 * 0.0005));
  expect(rowsOverOnePlace).toBeCloseTo(5);
  expect(areaRate).toBeCloseTo((0.05 * 0.02) / 2);
  expect(sheetRise).toBeCloseTo((0.3 * 500 * 2) / (7800 * 500 * 0.002 * 0.05 * 0.02));
});

it('warms a sheet as much again with as many passes again, and cleans half the area', () => {
  const [once, twice] = [1, 2].map((passes) => cleaningPass({ ...pass, passes }));
  expect(twice!.sheetRise).toBeCloseTo(2 * once!.sheetRise);
  expect(twice!.areaRate).toBeCloseTo(once!.areaRate / 2);
});

it('names the figure that is wrong', () => {
  expect(() => cleaningPass({ ...pass, passes: 0 })).toThrow('passes 0');
});
