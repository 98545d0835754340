import { gradedLine, phaseLawOf, riseOfEnthalpy, type MeshLine, type PhaseLaw } from '../field/index.js';
import { requireWithin } from '../fault/index.js';
import { roomTemperature, type Metal } from '../metal/index.js';
import type { Metre } from '../quantity/index.js';
import { sheetMarch, type SheetMarch, type SheetRun } from '../sheetHeat/index.js';
import { airLoss } from './airLoss.js';

/** A seam on a flat part, all SI; x and y on the part. */
export interface PartSeam {
  readonly mark: string;
  readonly from: readonly [x: number, y: number];
  readonly to: readonly [x: number, y: number];
  /** m/s */
  readonly travel: number;
  /** Taken from the light, W. */
  readonly absorbed: number;
  /** m */
  readonly beadWidth: number;
  /** Goes at it; 1 and more. */
  readonly passes: number;
  /** Marks that have to be welded before it. */
  readonly after: readonly string[];
}

/** A flat part that is welded seam by seam. */
export interface PartHeatInput {
  readonly metal: Metal;
  /** Of the sheet that takes the heat. */
  readonly thickness: Metre;
  readonly seams: readonly PartSeam[];
  /** What passes between two seams anyway, s. */
  readonly between: number;
  /** Rise at which the next seam may begin where it lies, K. */
  readonly letBe: number;
  /** Whether its frames are kept; without, half the work is saved. */
  readonly keepsFrames: boolean;
}

/** How the next seam is chosen: in an order that is given, or the coolest of those that may come. */
export type PartOrder =
  { readonly kind: 'given'; readonly marks: readonly string[] } | { readonly kind: 'coolest' };

/** A seam of a part that was followed. */
interface FollowedSeam {
  readonly mark: string;
  /** s from the first light. */
  readonly beganAt: number;
  readonly endedAt: number;
  /** Waited for it beyond what passes anyway, s. */
  readonly waited: number;
  /** Hottest along its line when it began, K over the start. */
  readonly riseAtStart: number;
}

/** A part through time. */
export interface PartHeat {
  readonly seams: readonly FollowedSeam[];
  readonly x: MeshLine;
  readonly y: MeshLine;
  /** s; and the rises there, K, row by row. */
  readonly times: readonly number[];
  readonly frames: readonly Float32Array[];
  readonly waited: number;
  /** s from the first light to the last. */
  readonly lasts: number;
}

/** Sheet around the outermost seams, m; and cells along the longer side at most. */
const margin = 40e-3;
const mostCells = 160;
const leastCell = 1e-3;
/** Frames kept of the whole at most. */
const mostFrames = 120;
/** Longest wait for a seam, s: after that it begins warm, and its rise says so. */
const longestWait = 1800;
const mostSeams = 200;

/**
 * Follows a flat part through its seams: heat even through the thickness, in still air, each seam begun once the place it lies in has cooled.
 *
 * @param goOn asked now and then with how much of it is done, 0 to 1; ends the work by answering false
 * @returns null where it was stopped
 * @throws RangeFault for no seams or more than 200
 */
export function partHeat(
  input: PartHeatInput,
  order: PartOrder,
  goOn: (done: number) => boolean = () => true,
): PartHeat | null {
  requireWithin(input.seams.length, { quantity: 'seams', min: 1, max: mostSeams, unit: '' });
  const part = partOf(input);
  const left = [...input.seams];
  const followed: FollowedSeam[] = [];
  while (left.length > 0) {
    const next = nextSeam(part, left, followed, order);
    left.splice(left.indexOf(next), 1);
    const waited = followed.length === 0 ? 0 : waitFor(part, next, input);
    const riseAtStart = hottestAlong(part, next);
    const beganAt = part.march.time();
    weld(part, next);
    followed.push({ mark: next.mark, beganAt, endedAt: part.march.time(), waited, riseAtStart });
    if (!goOn(followed.length / input.seams.length)) return null;
  }
  return {
    seams: followed,
    x: part.x,
    y: part.y,
    times: part.times,
    frames: part.frames,
    waited: followed.reduce((sum, each) => sum + each.waited, 0),
    lasts: part.march.time(),
  };
}

interface FollowedPart {
  readonly law: PhaseLaw;
  readonly x: MeshLine;
  readonly y: MeshLine;
  readonly cell: number;
  readonly runs: SheetRun[];
  readonly march: SheetMarch;
  readonly times: number[];
  readonly frames: Float32Array[];
  /** s from frame to frame; twice as long whenever there are too many, Infinity where none are kept. */
  frameEvery: number;
}

function partOf({ metal, thickness, seams, keepsFrames }: PartHeatInput): FollowedPart {
  const law = phaseLawOf(metal, roomTemperature);
  const ends = seams.flatMap(({ from, to }) => [from, to]);
  const span = (axis: 0 | 1) => {
    const places = ends.map((end) => end[axis]);
    return [Math.min(...places) - margin, Math.max(...places) + margin] as const;
  };
  const [across, down] = [span(0), span(1)];
  const cell = Math.max(leastCell, (across[1] - across[0]) / mostCells, (down[1] - down[0]) / mostCells);
  const line = ([from, to]: readonly [number, number]) =>
    gradedLine({ from, to, fineFrom: from, fineTo: to, fine: cell, growth: 1 });
  const [x, y] = [line(across), line(down)];
  const runs: SheetRun[] = [];
  const toAir = airLoss(roomTemperature);
  const march = sheetMarch({
    law,
    x,
    y,
    thickness,
    metal: new Uint8Array(x.widths.length * y.widths.length).fill(1),
    runs,
    sinks: [],
    toAir: (rise) => 2 * toAir(rise),
  });
  return { law, x, y, cell, runs, march, times: [], frames: [], frameEvery: keepsFrames ? 1 : Infinity };
}

/** What comes next: as the order has it, or the coolest of what may come. */
function nextSeam(
  part: FollowedPart,
  left: readonly PartSeam[],
  done: readonly FollowedSeam[],
  order: PartOrder,
): PartSeam {
  if (order.kind === 'given') {
    const mark = order.marks.find((each) => left.some((seam) => seam.mark === each));
    return left.find((seam) => seam.mark === mark) ?? (left[0] as PartSeam);
  }
  const isDone = (mark: string) =>
    done.some((each) => each.mark === mark) || left.every((each) => each.mark !== mark);
  const free = left.filter(({ after }) => after.every(isDone));
  const candidates = free.length > 0 ? free : left;
  return candidates.reduce((coolest, seam) =>
    hottestAlong(part, seam) < hottestAlong(part, coolest) ? seam : coolest,
  );
}

/** Lets pass what passes anyway, and then waits until the seam's place has cooled; s beyond what passes anyway. */
function waitFor(part: FollowedPart, seam: PartSeam, { between, letBe }: PartHeatInput): number {
  goThrough(part, between);
  let waited = 0;
  while (waited < longestWait && hottestAlong(part, seam) > letBe) {
    const step = Math.max(2, waited / 10);
    goThrough(part, step);
    waited += step;
  }
  return waited;
}

function weld(part: FollowedPart, seam: PartSeam): void {
  const length = Math.hypot(seam.to[0] - seam.from[0], seam.to[1] - seam.from[1]);
  const lasts = Math.max(length / seam.travel, 0.1);
  for (let pass = 0; pass < seam.passes; pass++) {
    part.runs.push({
      from: seam.from,
      to: seam.to,
      startsAt: part.march.time(),
      lasts,
      absorbed: seam.absorbed,
      spread: Math.max(seam.beadWidth / 4, 0.7 * part.cell),
      rampUp: 0,
      rampDown: 0,
      pulses: null,
    });
    goThrough(part, lasts, part.cell / seam.travel);
  }
}

/** Goes on, in steps no longer than this, keeping a frame now and then. */
function goThrough(part: FollowedPart, seconds: number, longest = 3): void {
  const steps = Math.max(1, Math.ceil(seconds / longest));
  for (let step = 0; step < steps; step++) {
    part.march.step(seconds / steps);
    keepFrame(part);
  }
}

function keepFrame(part: FollowedPart): void {
  const { times, frames, march } = part;
  const next = times.length === 0 ? 0 : (times[times.length - 1] as number) + part.frameEvery;
  if (part.frameEvery === Infinity || march.time() < next) return;
  times.push(march.time());
  frames.push(Float32Array.from(march.enthalpy, (held) => riseOfEnthalpy(part.law, held)));
  if (times.length <= mostFrames) return;
  part.frameEvery *= 2;
  for (let at = times.length - 2; at > 0; at -= 2) {
    times.splice(at, 1);
    frames.splice(at, 1);
  }
}

/** Places along a seam that are looked at. */
const looks = 9;

/** The hottest along a seam's line now, K over the start. */
function hottestAlong({ law, x, y, march, cell }: FollowedPart, { from, to }: PartSeam): number {
  let most = 0;
  for (let look = 0; look < looks; look++) {
    const share = look / (looks - 1);
    const column = placeOn(x, from[0] + share * (to[0] - from[0]), cell);
    const row = placeOn(y, from[1] + share * (to[1] - from[1]), cell);
    most = Math.max(most, riseOfEnthalpy(law, march.enthalpy[row * x.widths.length + column] as number));
  }
  return most;
}

function placeOn({ edges, widths }: MeshLine, place: number, cell: number): number {
  const from = edges[0] as number;
  return Math.min(widths.length - 1, Math.max(0, Math.floor((place - from) / cell)));
}
