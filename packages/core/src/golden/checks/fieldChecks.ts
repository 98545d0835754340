import {
  fieldAt,
  gradedLine,
  halfPlate,
  lightSource,
  meshLine,
  phaseLaw,
  solveSteady,
  type MeshLine,
  type PhaseLaw,
} from '../../field/index.js';
import { kelvin } from '../../quantity/index.js';
import {
  compiledDiffusion,
  plainDiffusion,
  sheetMarch,
  sheetMesh,
  stableSeconds,
  stagesFor,
  superStep,
} from '../../sheetHeat/index.js';
import type { GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

/** What a mesh may miss: 1 % of the rise, 1 % of the front. */
const ofTheMethod = 0.01;

/** Metal that only conducts: its melting point is out of reach. */
function neverMelts(conductivity: number, diffusivity: number): PhaseLaw {
  return phaseLaw({
    start: kelvin(293.15),
    melting: kelvin(1e7),
    mushyRange: 60,
    density: conductivity / diffusivity,
    heatCapacity: 1,
    latentHeat: 0,
    conductivity,
    liquidConductivity: conductivity,
  });
}

interface GaussianCase {
  input: {
    absorbed: number;
    conductivity: number;
    diffusivity: number;
    travel: number;
    sigma: number;
    x: number;
    y: number;
    z: number;
  };
  riseK: number;
}

/** Cells of half a standard deviation around the source, growing by 1.08 to 8 diffusivities over travel away. */
const gaussianOnHalfSpace = overCases<GaussianCase>(({ input, riseK }, label) => {
  const { absorbed, conductivity, diffusivity, travel, sigma, x, y, z } = input;
  const law = neverMelts(conductivity, diffusivity);
  const far = (8 * diffusivity) / travel;
  const around = { fineFrom: -2 * sigma, fineTo: 2 * sigma, fine: sigma / 2, growth: 1.08 };
  const along = gradedLine({ ...around, from: -far, to: far - x });
  const outwards = gradedLine({ ...around, from: 0, to: far, fineFrom: 0 });
  const section = halfPlate(outwards, outwards);
  const light = { spot: 4 * sigma, wobble: { shape: 'none' }, columnShare: 0, columnDepth: 1 } as const;
  const source = lightSource({ ...light, absorbed: absorbed / 2, at: [0, 0], from: [0, -1] }, section, along);
  const losses = { toAir: () => 0, boiling: null };
  const { potential } = solveSteady({ law, section, along, travel, source, losses }, { tolerance: 1e-6 });
  const rise = fieldAt(section, along, potential, -x, y, z) / conductivity;
  return compare(label, ofTheMethod, [['rise', riseK, rise]]);
});

interface LineCase {
  input: {
    absorbed: number;
    conductivity: number;
    diffusivity: number;
    travel: number;
    thickness: number;
    stripWidth?: number;
    x: number;
    y: number;
    onFor: number;
  };
  riseK: number;
}

const lineCell = 0.25e-3;

/** Cells of 0.25 mm around the gun and the place that is asked for, growing by 1.08; a step a cell. */
const lineSourceStarted = overCases<LineCase>(({ input, riseK }, label) => {
  const { absorbed, conductivity, diffusivity, travel, thickness, stripWidth, x, y, onFor } = input;
  const law = neverMelts(conductivity, diffusivity);
  const reach = 4.5 * Math.sqrt(2 * diffusivity * onFor);
  const length = travel * onFor;
  const cut = { fine: lineCell, growth: 1.08 };
  const xs = gradedLine({
    ...cut,
    from: -length - reach,
    to: reach,
    fineFrom: Math.min(-3e-3, x - 1e-3),
    fineTo: 2e-3,
  });
  const half = stripWidth === undefined ? reach : stripWidth / 2;
  const ys = gradedLine({ ...cut, from: -half, to: half, fineFrom: -2e-3, fineTo: y + 1e-3 });
  const run = { startsAt: 0, lasts: onFor, absorbed, spread: lineCell, rampUp: 0, rampDown: 0, pulses: null };
  const march = sheetMarch({
    law,
    x: xs,
    y: ys,
    thickness,
    metal: new Uint8Array(xs.widths.length * ys.widths.length).fill(1),
    runs: [{ ...run, from: [-length, 0], to: [0, 0] }],
    sinks: [],
    toAir: () => 0,
  });
  const steps = Math.ceil(length / lineCell);
  for (let step = 0; step < steps; step++) march.step(onFor / steps);
  const rise = valueBetween(xs, ys, march.enthalpy, x, y) / law.capacity;
  return compare(label, ofTheMethod, [['rise', riseK, rise]]);
});

/** Linear between the middles of four places. */
function valueBetween(x: MeshLine, y: MeshLine, values: Float64Array, across: number, down: number): number {
  const before = (line: MeshLine, place: number) => line.centres.findLastIndex((centre) => centre <= place);
  const share = (line: MeshLine, cell: number, place: number) =>
    (place - (line.centres[cell] as number)) /
    ((line.centres[cell + 1] as number) - (line.centres[cell] as number));
  const [column, row] = [before(x, across), before(y, down)];
  const [right, below] = [share(x, column, across), share(y, row, down)];
  const inRow = (at: number) => {
    const left = values[at * x.centres.length + column] as number;
    return left + right * ((values[at * x.centres.length + column + 1] as number) - left);
  };
  return inRow(row) + below * (inRow(row + 1) - inRow(row));
}

interface FrontCase {
  input: {
    density: number;
    heatCapacity: number;
    conductivity: number;
    latentHeat: number;
    meltingK: number;
    startK: number;
    faceK: number;
    time: number;
  };
  frontM: number;
}

/** Cells of a hundredth of the front; a thousand steps; it melts within 2 K. The face is a place whose enthalpy stays. */
const meltingFront = overCases<FrontCase>(({ input, frontM }, label) => {
  const { meltingK, startK, faceK, time, conductivity } = input;
  const law = phaseLaw({
    ...input,
    start: kelvin(startK),
    melting: kelvin(meltingK),
    mushyRange: 2,
    liquidConductivity: conductivity,
  });
  const x = gradedLine({
    from: 0,
    to: 12 * Math.sqrt((conductivity / law.capacity) * time),
    fineFrom: 0,
    fineTo: 1.6 * frontM,
    fine: frontM / 100,
    growth: 1.08,
  });
  const problem = {
    law,
    x,
    y: meshLine(Float64Array.of(0, 1e-3)),
    metal: new Uint8Array(x.widths.length).fill(1),
  };
  const mesh = sheetMesh(problem);
  const steps = 1000;
  const weights = superStep(stagesFor(time / steps / stableSeconds(law, mesh)));
  mesh.perArea[0] = 0;
  const diffusion = compiledDiffusion(mesh, law) ?? plainDiffusion(mesh, law);
  diffusion.enthalpy[0] = law.enthalpyAtLiquidus + law.capacity * (faceK - meltingK);
  for (let step = 0; step < steps; step++) diffusion.step(weights, time / steps);
  return compare(label, ofTheMethod, [['front', frontM, meltedDepth(law, x, diffusion.enthalpy)]]);
});

/** How far it has melted from the middle of the first place. */
function meltedDepth(law: PhaseLaw, x: MeshLine, enthalpy: Float64Array): number {
  const range = law.enthalpyAtLiquidus - law.enthalpyAtSolidus;
  let depth = (x.widths[0] as number) / 2;
  for (let cell = 1; cell < enthalpy.length; cell++) {
    const share = ((enthalpy[cell] as number) - law.enthalpyAtSolidus) / range;
    depth += Math.min(1, Math.max(0, share)) * (x.widths[cell] as number);
  }
  return depth;
}

/** The heat fields against closed forms and quadrature, on the meshes that are said. */
export const fieldChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['gaussian-on-half-space', gaussianOnHalfSpace as GoldenCheck],
  ['line-source-started', lineSourceStarted as GoldenCheck],
  ['line-source-in-a-strip', lineSourceStarted as GoldenCheck],
  ['melting-front', meltingFront as GoldenCheck],
];
