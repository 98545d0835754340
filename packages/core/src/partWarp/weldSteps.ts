import { cellsAlong, type FlatGrid } from './flatGrid.js';
import type { PartWarpInput, PartWay, SeamRun, WarpSeam } from './WarpSeam.js';

/** A short length of seam that is welded at once. */
export interface WeldStep {
  readonly mark: string;
  readonly cells: readonly { readonly cell: number; readonly length: number }[];
  /** Along the seam, a unit vector. */
  readonly along: readonly [x: number, y: number];
  /** How much nearer the sheets come there, m; how far they turn towards the face, rad; the pull along, N. */
  readonly shrinkage: number;
  readonly turn: number;
  readonly pull: number;
}

/** Runs of about this length, m, and so many of a part at most. */
const usualStep = 25e-3;
const mostSteps = 80;
/** Steps of a run that is welded backwards. */
const stepsBack = 3;
/** Stitches where nothing else is said: half of it welded, m. */
const halfStitched = { length: 30e-3, pitch: 60e-3 };
/** Assumptions: heat of a go from either side over that of one through; how much of the first turn the second takes back, for it bends a section that is whole. */
const perSide = { heat: 0.6, turnBack: 0.7 };

/** What one go of a seam does, held or free and cold or warm. */
export interface SeamPull {
  readonly shrinkage: number;
  readonly turn: number;
  readonly pull: number;
}

/** The whole part as short lengths, in the order they are welded. */
export function weldSteps(
  { seams }: PartWarpInput,
  way: PartWay,
  grid: FlatGrid,
  pullOf: (seam: WarpSeam) => SeamPull,
): WeldStep[] {
  const inOrder = way.marks.flatMap((mark) => seams.find((seam) => seam.mark === mark) ?? []);
  const whole = inOrder.reduce((sum, seam) => sum + lengthOf(seam) * goesOf(seam, way).length, 0);
  const step = Math.max(usualStep, 2 * grid.side, whole / mostSteps);
  return inOrder.flatMap((seam) => {
    const pieces = piecesOf(seam, way, step);
    const pull = pullOf(seam);
    return goesOf(seam, way).flatMap((go) =>
      pieces.map((piece) => ({ ...stepOf(seam, piece, grid), ...timesGo(pull, go) })),
    );
  });
}

interface Go {
  readonly heat: number;
  readonly turn: number;
}

/** The goes at a seam, over what one go does. */
function goesOf({ passes, otherSide }: WarpSeam, { fromBothSides }: PartWay): Go[] {
  if (!fromBothSides || !otherSide) return Array.from({ length: passes }, () => ({ heat: 1, turn: 1 }));
  const { heat, turnBack } = perSide;
  return [
    { heat, turn: heat },
    { heat, turn: -heat * turnBack },
  ];
}

function timesGo({ shrinkage, turn, pull }: SeamPull, go: Go): SeamPull {
  return { shrinkage: go.heat * shrinkage, turn: go.turn * turn, pull: go.heat * pull };
}

type Piece = readonly [from: number, to: number];

/** Lengths that are welded, cut short and put in the order of the run. */
function piecesOf(seam: WarpSeam, way: PartWay, step: number): Piece[] {
  return weldedLengths(seam, way).flatMap(([from, to]) => {
    const count = Math.max(1, Math.round((to - from) / step));
    const cut = Array.from({ length: count }, (_, at): Piece => [
      from + ((to - from) * at) / count,
      from + ((to - from) * (at + 1)) / count,
    ]);
    return runOrder(cut, way.run);
  });
}

function weldedLengths(seam: WarpSeam, { inStitches }: PartWay): Piece[] {
  const length = lengthOf(seam);
  const stitches = seam.stitches ?? (inStitches ? halfStitched : null);
  if (stitches === null) return [[0, length]];
  const count = Math.max(1, Math.floor((length - stitches.length) / stitches.pitch + 1e-9) + 1);
  return Array.from({ length: count }, (_, at): Piece => {
    const from = at * stitches.pitch;
    return [from, Math.min(length, from + stitches.length)];
  });
}

function runOrder(pieces: Piece[], run: SeamRun): Piece[] {
  if (run === 'onward') return pieces;
  if (run === 'backStep')
    return pieces
      .map((piece, at) => ({ piece, block: Math.floor(at / stepsBack), at }))
      .sort((one, other) => one.block - other.block || other.at - one.at)
      .map(({ piece }) => piece);
  const middle = (pieces.length - 1) / 2;
  return pieces
    .map((piece, at) => ({ piece, out: Math.abs(at - middle), at }))
    .sort((one, other) => one.out - other.out || one.at - other.at)
    .map(({ piece }) => piece);
}

function stepOf(seam: WarpSeam, [from, to]: Piece, grid: FlatGrid) {
  const cells = cellsAlong(grid, placeAlong(seam, from), placeAlong(seam, to));
  return { mark: seam.mark, cells, along: directionOf(seam) };
}

export function lengthOf({ from, to }: WarpSeam): number {
  return Math.hypot(to[0] - from[0], to[1] - from[1]);
}

/** Along a seam, a unit vector; along x for one without length. */
export function directionOf(seam: WarpSeam): [x: number, y: number] {
  const length = lengthOf(seam);
  if (length === 0) return [1, 0];
  return [(seam.to[0] - seam.from[0]) / length, (seam.to[1] - seam.from[1]) / length];
}

/** A place on a seam's line so far from its start, m; also before and behind it. */
export function placeAlong(seam: WarpSeam, from: number): [x: number, y: number] {
  const [x, y] = directionOf(seam);
  return [seam.from[0] + x * from, seam.from[1] + y * from];
}
