import { distanceFromFusion, thickPlateTemperature, thinPlateTemperature } from '../../heat/index.js';
import { celsius, inCelsius } from '../../quantity/index.js';
import { closedForm, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

const shopC = 20;

interface RosenthalCase {
  input: {
    q: number;
    k: number;
    alpha: number;
    v: number;
    thickness: number;
    x: number;
    y: number;
    z: number;
  };
  thickPlateC: number;
  thinPlateC: number;
}

const rosenthal = overCases<RosenthalCase>(({ input, thickPlateC, thinPlateC }, label) => {
  const { q, k, alpha, v, thickness, x, y, z } = input;
  const source = { absorbed: q, conductivity: k, diffusivity: alpha, travel: v, start: celsius(shopC) };
  return compare(label, closedForm, [
    ['thick plate', thickPlateC, inCelsius(thickPlateTemperature(source, x, y, z))],
    ['thin plate', thinPlateC, inCelsius(thinPlateTemperature(source, thickness, x, y))],
  ]);
});

interface PeakCase {
  input: {
    heatPerLength: number;
    rho: number;
    cp: number;
    thickness: number;
    melt: number;
    peak: number;
  };
  distanceM: number;
}

const peakTemperature = overCases<PeakCase>(({ input, distanceM }, label) => {
  const { heatPerLength, rho, cp, thickness, melt, peak } = input;
  const heat = {
    absorbedPerLength: heatPerLength,
    density: rho,
    heatCapacity: cp,
    thickness,
    start: celsius(shopC),
    melting: celsius(melt),
  };
  return compare(label, closedForm, [['distance', distanceM, distanceFromFusion(heat, celsius(peak))]]);
});

/** Temperatures around a moving source and beside a seam. */
export const heatChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['rosenthal', rosenthal as GoldenCheck],
  ['peak-temperature', peakTemperature as GoldenCheck],
];
