import { advancePerCycle, meanPathSpeed, peakPathSpeed, wobbleFrom } from '../../beam/index.js';
import type { Wobble, WobbleShape } from '../../beam/index.js';
import { findMetal } from '../../metal/index.js';
import {
  depthFromWidth,
  firstEdition,
  keyholeDepth,
  normalisedEnthalpy,
  predictMelt,
  type MeltInput,
} from '../../melt/index.js';
import { fraction, hertz, inMm, inMmPerSecond, mm, mmPerSecond, watt } from '../../quantity/index.js';
import { closedForm, meltTolerance, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

/** The golden files' own names for sweeps. */
const shapes: Readonly<Record<string, WobbleShape | 'none'>> = {
  none: 'none',
  line: 'sideToSide',
  circle: 'circle',
  figure8: 'figureEight',
};

function wobbleNamed(shape: string, widthMm: number, frequencyHz: number): Wobble {
  const named = shapes[shape];
  if (named === undefined) throw new Error(`no wobble is called “${shape}”`);
  return wobbleFrom(named, mm(widthMm), hertz(frequencyHz));
}

interface WobbleCase {
  input: { shape: string; width: number; frequency: number; travel: number };
  meanPathSpeed: number;
  peakPathSpeed: number;
  advancePerCycle: number;
}

const wobble = overCases<WobbleCase>(({ input, ...expected }, label) => {
  const path = wobbleNamed(input.shape, input.width, input.frequency);
  const travel = mmPerSecond(input.travel);
  const advance = advancePerCycle(path, travel);
  return compare(label, closedForm, [
    ['mean path speed', expected.meanPathSpeed, inMmPerSecond(meanPathSpeed(path, travel))],
    ['peak path speed', expected.peakPathSpeed, inMmPerSecond(peakPathSpeed(path, travel))],
    ['advance per cycle', expected.advancePerCycle, advance === null ? NaN : inMm(advance)],
  ]);
});

interface EnthalpyCase {
  input: {
    absorptivity: number;
    power: number;
    rho: number;
    cp: number;
    meltRise: number;
    alpha: number;
    pathSpeed: number;
    spotRadius: number;
  };
  normalisedEnthalpy: number;
}

const enthalpy = overCases<EnthalpyCase>(({ input, normalisedEnthalpy: reference }, label) => {
  const { rho, cp, alpha, ...same } = input;
  const computed = normalisedEnthalpy({ ...same, density: rho, heatCapacity: cp, diffusivity: alpha });
  return compare(label, closedForm, [['normalised enthalpy', reference, computed]]);
});

interface KeyholeCase {
  input: { absorbed: number; k: number; boil: number; start: number; peclet: number };
  depthM: number;
}

const keyhole = overCases<KeyholeCase>(({ input, depthM }, label) => {
  const { k, boil, ...same } = input;
  const computed = keyholeDepth({ ...same, conductivity: k, boilingPoint: boil });
  return compare(label, closedForm, [['depth', depthM, computed]]);
});

interface WidthBalanceCase {
  input: { absorbed: number; k: number; meltRise: number; v: number; width: number; alpha: number };
  depthM: number;
}

const widthBalance = overCases<WidthBalanceCase>(({ input, depthM }, label) => {
  const { k, v, alpha, ...same } = input;
  const computed = depthFromWidth({ ...same, conductivity: k, travel: v, diffusivity: alpha });
  return compare(label, closedForm, [['depth', depthM, computed]]);
});

interface MeltCase {
  input: {
    metal: string;
    thicknessMm: number;
    powerW: number;
    duty: number;
    travelMmS: number;
    spotMm: number;
    wobble: { shape: string; widthMm: number; frequencyHz: number };
    wire: { diameterMm: number; speedMmS: number };
    heatPaths: number;
  };
  normalisedEnthalpy: number;
  keyholeShare: number;
  absorptivity: number;
  heatLimitedMm: number;
  reachLimitedMm: number;
  wireShare: number;
  depthMm: number;
  widthMm: number;
  reach: number;
}

const melt = overCases<MeltCase>(({ input, ...expected }, label) => {
  const { diameterMm, speedMmS } = input.wire;
  const weld: MeltInput = {
    metal: findMetal(input.metal),
    thickness: mm(input.thicknessMm),
    heatDirections: input.heatPaths,
    power: watt(input.powerW),
    duty: fraction(input.duty),
    travel: mmPerSecond(input.travelMmS),
    spot: mm(input.spotMm),
    wobble: wobbleNamed(input.wobble.shape, input.wobble.widthMm, input.wobble.frequencyHz),
    wire: diameterMm > 0 ? { diameter: mm(diameterMm), speed: mmPerSecond(speedMmS) } : null,
  };
  const got = predictMelt(weld, firstEdition);
  return compare(label, meltTolerance, [
    ['normalised enthalpy', expected.normalisedEnthalpy, got.normalisedEnthalpy],
    ['keyhole share', expected.keyholeShare, got.keyholeShare],
    ['absorptivity', expected.absorptivity, got.absorptivity],
    ['heat-limited depth', expected.heatLimitedMm, inMm(got.heatLimitedDepth)],
    ['reach-limited depth', expected.reachLimitedMm, inMm(got.reachLimitedDepth)],
    ['wire share', expected.wireShare, got.wireShare],
    ['depth', expected.depthMm, inMm(got.depth)],
    ['width', expected.widthMm, inMm(got.width)],
    ['reach', expected.reach, got.reach],
  ]);
});

/** Path speeds, the way the light is taken, and the depth that comes of it. */
export const meltChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['wobble', wobble as GoldenCheck],
  ['normalised-enthalpy', enthalpy as GoldenCheck],
  ['keyhole-depth', keyhole as GoldenCheck],
  ['melt-width-balance', widthBalance as GoldenCheck],
  ['melt', melt as GoldenCheck],
];
