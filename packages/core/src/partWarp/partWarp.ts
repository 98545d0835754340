import { roomTemperature } from '../metal/index.js';
import { tendonForce } from '../warp/index.js';
import {
  BentPlate,
  openShare,
  threeAt,
  type CellStrain,
  type SheetStiffness,
  type Three,
} from './bentPlate.js';
import { cellOfPlace, nodeAt, placeOfNode, type FlatGrid } from './flatGrid.js';
import { givesWayAt } from './givesWay.js';
import { laidFlat, offFlat, type OffFlat, type PartShape } from './offFlat.js';
import { partGrid } from './partGrid.js';
import type { PartWarpInput, PartWay, WarpSeam } from './WarpSeam.js';
import { directionOf, lengthOf, placeAlong, weldSteps, type SeamPull, type WeldStep } from './weldSteps.js';

/** The part after a seam, and in the end once it lies free. */
interface WarpStage {
  /** Of the seam that has just been welded; null once it lies free. */
  readonly mark: string | null;
  readonly shape: PartShape;
}

/** A part that was welded; its figures hold within a factor of two either way. */
export interface PartWarp extends OffFlat {
  readonly grid: FlatGrid;
  readonly stages: readonly WarpStage[];
  /** Tacks that tore. */
  readonly tacksTorn: number;
  /** How many times these pulls a flat sheet like it bears; under 1 it gives way into waves. */
  readonly givesWayAt: number;
}

const poisson = 0.3;
/** A tack, m; and what it bears over the yield strength: it stretches before it tears. Assumptions. */
const tackLength = 4e-3;
const tackBears = 2;
/** Clamps beside a seam: so far from it and from each other, m. */
const clamps = { beside: 25e-3, apart: 60e-3 };
/**
 * Shares of what a free strip would do, assumptions: half of the contraction across stays where the sheets can part, all of it where they
 * are held; held flat until cold half of the turn is taken by metal that is still soft.
 */
const across = { free: 0.5, held: 1 };
const turnHeld = 0.5;
/** Of what a gap has moved before it is welded so much is welded in; the rest goes back while the metal is soft. An assumption. */
const weldedIn = 0.5;

/**
 * Welds a flat part step by step: each length of seam joins its sheets and then shrinks, turns and pulls along as far as tacks, clamps
 * and what is welded already let it. Elastic and flat: no waves of a sheet that gives way, no weight, no standing sheets.
 *
 * Source: Ueda, Murakawa and Ma 2012 (inherent strain, seam by seam).
 *
 * @param goOn asked now and then with how much of it is done, 0 to 1; ends the work by answering false
 * @returns null where it was stopped
 * @throws RangeFault for no seams or more than 200
 */
export function partWarp(
  input: PartWarpInput,
  way: PartWay,
  goOn: (done: number) => boolean = () => true,
): PartWarp | null {
  const { grid, open, tacks } = partGrid(input, way);
  const steps = weldSteps(input, way, grid, (seam) => pullOf(input, way, seam));
  const sheet = stiffnessOf(input);
  const shares = new Float64Array(grid.columns * grid.rows).fill(1);
  for (const cell of open) shares[cell] = openShare;
  for (const cell of tacks.keys()) shares[cell] = tackShare(grid);
  const plate = new BentPlate(grid, sheet, shares, way.isClamped ? clampedNodes(input, grid) : []);
  const left = new Map(tacks);
  const stages: WarpStage[] = [];
  let torn = 0;
  for (const [at, step] of steps.entries()) {
    weld(plate, step, sheet);
    for (const { cell } of step.cells) left.delete(cell);
    torn += tearTacks(plate, left, input);
    if (steps[at + 1]?.mark !== step.mark)
      stages.push({ mark: step.mark, shape: laidFlat(grid, plate.shape()) });
    if (!goOn((at + 1) / steps.length)) return null;
  }
  if (way.isClamped) plate.unclamp();
  const shape = laidFlat(grid, plate.shape());
  stages.push({ mark: null, shape });
  return { grid, stages, tacksTorn: torn, givesWayAt: givesWayAt(plate, sheet.bent), ...offFlat(shape) };
}

/** Joins a length of seam and lets it shrink; where its gap had moved, a part of that goes back. */
function weld(plate: BentPlate, step: WeldStep, sheet: SheetStiffness): void {
  const cells = step.cells.map(({ cell }) => cell);
  const goesBack = cells.map((cell) => (plate.shares[cell] === openShare ? weldedIn - 1 : 0));
  const wishes = step.cells.map(({ cell, length }, at): CellStrain => {
    const own = strainOf(step, cell, length, plate.grid, sheet);
    const back = goesBack[at] as number;
    return {
      cell,
      strain: plus(own.strain, threeAt(plate.felt.plane, cell), back),
      curvature: plus(own.curvature, threeAt(plate.felt.bend, cell), back),
    };
  });
  plate.join(cells, 1);
  plate.strain(wishes);
}

function plus([x, y, shear]: Three, other: Three, times: number): Three {
  return [x + times * other[0], y + times * other[1], shear + times * other[2]];
}

function stiffnessOf({ metal, thickness }: PartWarpInput): SheetStiffness {
  return { stretched: metal.young * thickness, bent: (metal.young * thickness ** 3) / 12, poisson };
}

function tackShare({ side }: FlatGrid): number {
  return Math.min(1, tackLength / side);
}

function pullOf({ metal }: PartWarpInput, way: PartWay, seam: WarpSeam): SeamPull {
  const warm = warmFactor(metal, way.riseAtStart[seam.mark] ?? 0);
  const held = way.isClamped ? across.held : across.free;
  return {
    shrinkage: held * warm * seam.shrinkage,
    turn: (way.isClamped ? turnHeld : 1) * seam.turn,
    pull: warm * tendonForce(metal, seam.absorbed / seam.travel),
  };
}

/**
 * How much more a seam shrinks that begins on a warm place: by the heat that lies in the strip it yields, over its own. The strip is as
 * wide as gets hotter than twice the yield strain over the expansion (Adams' peak): 1 + 2/sqrt(2 pi e) rise (1/that - 1/melting).
 */
function warmFactor(
  { yieldStrength, young, expansion, meltingPoint }: PartWarpInput['metal'],
  rise: number,
): number {
  const yields = (2 * yieldStrength) / (young * expansion);
  const strip = 1 / yields - 1 / (meltingPoint - roomTemperature);
  return 1 + (2 / Math.sqrt(2 * Math.PI * Math.E)) * rise * Math.max(0, strip);
}

/** What a cell would do for the length of seam in it, spread over its area. */
function strainOf(
  { along: [x, y], shrinkage, turn, pull }: WeldStep,
  cell: number,
  length: number,
  { side }: FlatGrid,
  { stretched }: SheetStiffness,
): CellStrain {
  const share = length / (side * side);
  const [shorter, short] = [-share * shrinkage, (-share * pull) / stretched];
  const across: Three = [y * y, x * x, -2 * x * y];
  const alongside: Three = [x * x, y * y, 2 * x * y];
  return {
    cell,
    strain: across.map((each, of) => shorter * each + short * (alongside[of] as number)) as unknown as Three,
    curvature: across.map((each) => share * turn * each) as unknown as Three,
  };
}

/** Lets go of tacks that are pulled apart harder than they bear; one may take its neighbour along. */
function tearTacks(plate: BentPlate, left: Map<number, WarpSeam>, input: PartWarpInput): number {
  let torn = 0;
  for (;;) {
    const tearing = [...left].filter(([cell, seam]) => tears(plate, cell, seam, input)).map(([cell]) => cell);
    if (tearing.length === 0) return torn;
    torn += tearing.length;
    for (const cell of tearing) left.delete(cell);
    plate.letGo(tearing);
  }
}

/** Pulled apart and sheared, after von Mises; pressed together nothing tears. */
function tears(
  { stress, grid }: BentPlate,
  cell: number,
  seam: WarpSeam,
  { metal, thickness }: PartWarpInput,
): boolean {
  const [x, y] = directionOf(seam);
  const [xx, yy, xy] = [0, 1, 2].map((of) => stress.plane[3 * cell + of] as number) as [
    number,
    number,
    number,
  ];
  const apart = Math.max(0, y * y * xx + x * x * yy - 2 * x * y * xy);
  const beside = x * y * (yy - xx) + (x * x - y * y) * xy;
  const bears = tackBears * metal.yieldStrength * thickness * Math.min(tackLength, grid.side);
  return Math.sqrt(apart * apart + 3 * beside * beside) * grid.side > bears;
}

/** Nodes under clamps: a row on either side of every seam. */
function clampedNodes({ seams }: PartWarpInput, grid: FlatGrid): number[] {
  const nodes = new Set<number>();
  for (const seam of seams) {
    const [x, y] = directionOf(seam);
    const count = Math.max(2, Math.ceil(lengthOf(seam) / clamps.apart) + 1);
    for (let at = 0; at < count; at++) {
      const [onX, onY] = placeAlong(seam, (lengthOf(seam) * at) / (count - 1));
      for (const side of [1, -1])
        nodes.add(nodeNear(grid, onX - side * y * clamps.beside, onY + side * x * clamps.beside));
    }
  }
  return [...nodes];
}

function nodeNear(grid: FlatGrid, x: number, y: number): number {
  const cell = cellOfPlace(grid, x, y);
  const [column, row] = [cell % grid.columns, Math.floor(cell / grid.columns)];
  const near = [0, 1].flatMap((over) => [0, 1].map((down) => nodeAt(grid, column + over, row + down)));
  const far = (node: number) => Math.hypot(placeOfNode(grid, node)[0] - x, placeOfNode(grid, node)[1] - y);
  return near.reduce((best, node) => (far(node) < far(best) ? node : best));
}
