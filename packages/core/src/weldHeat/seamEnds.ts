import { gradedLine, phaseLawOf, riseOfEnthalpy, type MeshLine, type PhaseLaw } from '../field/index.js';
import { jointThermal } from '../joint/index.js';
import { sheetMarch, type SheetRun } from '../sheetHeat/index.js';
import { airLoss } from './airLoss.js';
import type { WeldHeatInput } from './WeldHeatInput.js';

/** What the gun does at the ends of a seam, s. */
export interface SeamEndsSetting {
  /** Power rises over this at the start, and falls over this at the end. */
  readonly rampUp: number;
  readonly rampDown: number;
  /** The gun stands still at the start for so long, the light on. */
  readonly dwell: number;
}

/** How a seam begins and ends, its melt against that of the middle. */
export interface SeamEnds {
  /** From the start of the seam, m. */
  readonly places: Float64Array;
  /** Width that has been melted there over that of the middle; 1 where it is under way. */
  readonly width: Float64Array;
  /** Melted in the middle, m; 0 where this picture, with the heat even through the thickness, melts nothing. */
  readonly middle: number;
  /** From start to end, m. */
  readonly length: number;
  /** How far from the start it is narrower than nine tenths of the middle, m. */
  readonly coldFor: number;
  /** How far before the end it is wider than eleven tenths, m. */
  readonly hotFor: number;
  /** How far before the end it has become narrower than nine tenths, m: what a ramp down leaves. */
  readonly fadesFor: number;
  /** The widest near the start and near the end, over the middle. */
  readonly widestAtStart: number;
  readonly widestAtEnd: number;
}

/** A part whose ends do not feel each other, in lengths of diffusivity over travel; and no shorter or longer, m. */
const endLengths = 8;
const endRange = { least: 30e-3, most: 80e-3 };

const narrow = 0.9;
const wide = 1.1;

/**
 * A seam from edge to edge of a sheet, from cold: where its first millimetres stay cold and how far its end runs hot. Heat is
 * taken as even through the thickness, so it says most of sheet that is melted through; it compares with the seam's own middle.
 */
export function seamEnds(input: WeldHeatInput, setting: SeamEndsSetting): SeamEnds {
  const law = phaseLawOf(input.metal, input.start);
  const length = 2 * endLength(input, law);
  const { x, y } = endMesh(input, law, length);
  const peak = followRun(input, law, setting, length, x, y);
  const columns = x.widths.length;
  const melted = Float64Array.from({ length: columns }, (_, column) =>
    meltedWidth(peak, law, y, columns, column),
  );
  const middle = melted[Math.floor(columns / 2)] as number;
  const width = melted.map((each) => each / Math.max(middle, 1e-9));
  return { ...readEnds(x.centres, width, length), middle, length };
}

function endLength({ travel }: WeldHeatInput, law: PhaseLaw): number {
  const felt = (endLengths * law.solidConductivity) / law.capacity / travel;
  return Math.min(endRange.most, Math.max(endRange.least, felt));
}

/** Half of the sheet: the seam runs along its edge, where nothing flows across. */
function endMesh(input: WeldHeatInput, law: PhaseLaw, length: number): { x: MeshLine; y: MeshLine } {
  const felt = law.solidConductivity / law.capacity / input.travel;
  const fine = Math.min(0.6e-3, Math.max(0.25e-3, input.beadWidth / 8, felt / 12));
  const x = gradedLine({ from: 0, to: length, fineFrom: 0, fineTo: length, fine, growth: 1 });
  const far = Math.min(
    input.part.sideWidth,
    Math.max(10e-3, (12 * law.solidConductivity) / law.capacity / input.travel),
  );
  const y = gradedLine({
    from: 0,
    to: far,
    fineFrom: 0,
    fineTo: input.beadWidth,
    fine: Math.min(fine, input.beadWidth / 8),
    growth: 1.12,
  });
  return { x, y };
}

/** The hottest that each place gets, K over the start. */
function followRun(
  input: WeldHeatInput,
  law: PhaseLaw,
  { rampUp, rampDown, dwell }: SeamEndsSetting,
  length: number,
  x: MeshLine,
  y: MeshLine,
): Float32Array {
  const { thickness, heatDirections } = jointThermal(input.joint);
  const lasts = length / input.travel;
  const light = { absorbed: input.absorbed / 2, spread: Math.max(input.beadWidth / 4, 0.4e-3), pulses: null };
  const runs: SheetRun[] = [
    {
      ...light,
      from: [0, 0],
      to: [length, 0],
      startsAt: dwell,
      lasts,
      rampUp: dwell > 0 ? 0 : rampUp,
      rampDown,
    },
  ];
  if (dwell > 0)
    runs.push({
      ...light,
      from: [0, 0],
      to: [0, 0],
      startsAt: 0,
      lasts: dwell,
      rampUp: Math.min(rampUp, dwell),
      rampDown: 0,
    });
  const toAir = airLoss(input.start);
  const march = sheetMarch({
    law,
    x,
    y,
    thickness: (thickness * heatDirections) / 2,
    metal: new Uint8Array(x.widths.length * y.widths.length).fill(1),
    runs,
    sinks: [],
    toAir: (rise) => 2 * toAir(rise),
  });
  const peak = new Float32Array(march.enthalpy.length);
  const step = Math.min(0.05, (x.widths[0] as number) / input.travel);
  // A little longer than the light: heat goes on spreading.
  const until = dwell + lasts + 0.5;
  while (march.time() < until) {
    march.step(step);
    for (let at = 0; at < peak.length; at++)
      peak[at] = Math.max(peak[at] as number, march.enthalpy[at] as number);
  }
  return peak.map((each) => riseOfEnthalpy(law, each));
}

/** Width of what has been melted across the seam at a place along it, between places by a straight line. */
function meltedWidth(
  peak: Float32Array,
  law: PhaseLaw,
  y: MeshLine,
  columns: number,
  column: number,
): number {
  for (let row = 0; row < y.centres.length; row++) {
    const here = peak[row * columns + column] as number;
    if (here >= law.liquidus) continue;
    if (row === 0) return 0;
    const inner = peak[(row - 1) * columns + column] as number;
    const [from, to] = [y.centres[row - 1] as number, y.centres[row] as number];
    return 2 * (from + ((inner - law.liquidus) / (inner - here)) * (to - from));
  }
  return 2 * (y.edges[y.edges.length - 1] as number);
}

function readEnds(
  places: Float64Array,
  width: Float64Array,
  length: number,
): Omit<SeamEnds, 'middle' | 'length'> {
  const middle = Math.floor(places.length / 2);
  const firstFull = width.findIndex((each) => each >= narrow);
  const lastEven = width.findLastIndex((each) => each <= wide);
  const lastFull = width.findLastIndex((each) => each >= narrow);
  const beforeEnd = (cell: number) =>
    cell < middle ? length / 2 : cell === places.length - 1 ? 0 : length - (places[cell] as number);
  const most = (values: Float64Array) => values.reduce((widest, each) => Math.max(widest, each), 0);
  return {
    places,
    width,
    coldFor:
      firstFull <= 0 ? 0 : firstFull < middle ? (places[firstFull] as number) : (places[middle] as number),
    hotFor: beforeEnd(lastEven),
    fadesFor: beforeEnd(lastFull),
    widestAtStart: most(width.slice(0, middle)),
    widestAtEnd: most(width.slice(middle)),
  };
}
