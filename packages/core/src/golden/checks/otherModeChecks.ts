import { cleaningPass } from '../../clean/index.js';
import { fastestCut } from '../../cut/index.js';
import { discPulseRise, sealedDepth } from '../../lamp/index.js';
import {
  fraction,
  hertz,
  inMm,
  inMmPerSecond,
  kelvinDifference,
  metre,
  mm,
  mmPerSecond,
  second,
  watt,
} from '../../quantity/index.js';
import { closedForm, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface DiscCase {
  input: Record<'flux' | 'radius' | 'conductivity' | 'diffusivity' | 'depth' | 'onFor' | 'at', number>;
  riseK: number;
}

const disc = overCases<DiscCase>(({ input, riseK }, label) => {
  const { flux, conductivity, diffusivity } = input;
  const pulse = { flux, conductivity, diffusivity, radius: metre(input.radius), onFor: second(input.onFor) };
  return compare(label, closedForm, [
    ['rise', riseK, discPulseRise(pulse, metre(input.depth), second(input.at))],
  ]);
});

interface SealedCase {
  input: Record<'spotMm' | 'depthMm' | 'rate' | 'travelMmS', number>;
  overlap: number;
  sealedDepthMm: number;
}

const sealed = overCases<SealedCase>(({ input, ...expected }, label) => {
  const found = sealedDepth({
    ...{ spot: mm(input.spotMm), depth: mm(input.depthMm) },
    ...{ rate: hertz(input.rate), travel: mmPerSecond(input.travelMmS) },
  });
  return compare(label, closedForm, [
    ['overlap', expected.overlap, found.overlap],
    ['sealed depth', expected.sealedDepthMm, inMm(found.sealed)],
  ]);
});

interface CleaningCase {
  input: Record<
    | 'power'
    | 'sweepWidthMm'
    | 'sweepsPerSecond'
    | 'spotMm'
    | 'travelMmS'
    | 'duty'
    | 'absorptivity'
    | 'thicknessMm'
    | 'density'
    | 'heatCapacity'
    | 'passes',
    number
  >;
  beamMmS: number;
  lineFluenceJPerCm2: number;
  rowsOverOnePlace: number;
  areaCm2PerMin: number;
  sheetRiseK: number;
}

const cleaning = overCases<CleaningCase>(({ input, ...expected }, label) => {
  const { density, heatCapacity, passes } = input;
  const found = cleaningPass({
    ...{ power: watt(input.power), duty: fraction(input.duty), sweepWidth: mm(input.sweepWidthMm) },
    ...{ sweeps: hertz(input.sweepsPerSecond), spot: mm(input.spotMm), travel: mmPerSecond(input.travelMmS) },
    ...{ absorptivity: fraction(input.absorptivity), thickness: mm(input.thicknessMm) },
    ...{ density, heatCapacity, passes },
  });
  return compare(label, closedForm, [
    ['beam', expected.beamMmS, inMmPerSecond(found.beam)],
    ['fluence', expected.lineFluenceJPerCm2, found.fluence / 1e4],
    ['rows', expected.rowsOverOnePlace, found.rowsOverOnePlace],
    ['area', expected.areaCm2PerMin, found.areaRate * 1e4 * 60],
    ['rise', expected.sheetRiseK, found.sheetRise],
  ]);
});

interface CutCase {
  input: Record<
    | 'power'
    | 'absorptivity'
    | 'reactionShare'
    | 'kerfMm'
    | 'thicknessMm'
    | 'density'
    | 'heatCapacity'
    | 'rise'
    | 'latentHeat'
    | 'lossShare',
    number
  >;
  mostMmS: number;
}

const cut = overCases<CutCase>(({ input, mostMmS }, label) => {
  const { reactionShare, density, heatCapacity, latentHeat } = input;
  const speed = fastestCut({
    ...{ power: watt(input.power), absorptivity: fraction(input.absorptivity), reactionShare },
    ...{ kerf: mm(input.kerfMm), thickness: mm(input.thicknessMm), density, heatCapacity, latentHeat },
    ...{ rise: kelvinDifference(input.rise), lossShare: fraction(input.lossShare) },
  });
  return compare(label, closedForm, [['fastest cut', mostMmS, inMmPerSecond(speed)]]);
});

/** What the gun does beside welding with light that stays on. */
export const otherModeChecks: readonly (readonly [string, GoldenCheck])[] = [
  ['disc-pulse', disc as GoldenCheck],
  ['sealed-depth', sealed as GoldenCheck],
  ['cleaning-arithmetic', cleaning as GoldenCheck],
  ['cut-balance', cut as GoldenCheck],
];
