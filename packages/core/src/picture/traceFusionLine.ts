import { RangeFault } from '../fault/index.js';
import { pixelsBetween, type GrayPicture, type PicturePoint } from './GrayPicture.js';
import type { FaceLine } from './measureOnPicture.js';

/** Where to look for a fusion line. */
export interface TraceTask {
  readonly picture: GrayPicture;
  readonly face: FaceLine;
  /** Middle of the melt at the face; about is enough. */
  readonly middle: PicturePoint;
  /** The sheet's thickness on the picture, pixels: its back is a stronger edge than any melt. */
  readonly thicknessPixels: number;
}

/** The line between melt and metal, from the left of the face round below to the right. */
export interface FusionLine {
  readonly points: readonly PicturePoint[];
  /** How strongly the line stands out: mean step across it, shades of grey over the picture's noise; under 1 is a guess. */
  readonly contrast: number;
  /** Whether it runs into the back of the sheet: the melt came through, or its end was not found. */
  readonly meetsBack: boolean;
}

/** Rays from the middle of the melt that are searched, from one side of the face to the other. */
const rays = 73;
const widestRay = (86 * Math.PI) / 180;
/** The line may move by so many pixels from ray to ray, for each pixel of search length a thousandth more. */
const leastReachOfStep = 3;
/** More than all shades of grey. */
const forbidden = 1000;
/** Pixels to each side that place the line once it is found. */
const narrowWindow = 3;
/** What a pixel of movement from ray to ray costs, shades of grey. */
const bendCost = 0.35;

/**
 * Finds the fusion line on a picture of an etched section: along rays from the middle of the melt, the place where the
 * shade steps, one line over all rays (dynamic programming after Bellman 1957, as edge tracking uses it), from light to
 * dark or from dark to light, whichever stands out more. To be looked at and corrected by hand.
 *
 * @throws RangeFault where the face line or the sheet is too small on the picture
 */
export function traceFusionLine({ picture, face, middle, thicknessPixels }: TraceTask): FusionLine {
  requireSize(face, thicknessPixels);
  const smooth = smoothed(picture);
  const frame = frameOf(face, middle);
  const angles = rayAngles();
  const window = Math.max(3, Math.round(thicknessPixels * 0.07));
  const shades = angles.map((angle) => shadesAlong(smooth, frame, angle, thicknessPixels, window));
  const wide = shades.map((ray) => stepsOf(ray, window));
  const [brighter, darker] = [bestPath(wide, 1), bestPath(wide, -1)];
  const sign = brighter.total > darker.total ? 1 : -1;
  const { radii: about, total } = sign === 1 ? brighter : darker;
  // A wide window finds the line among the grain but leans outwards where the shade drifts; a narrow one places it.
  const narrow = shades.map((ray, i) =>
    stepsOf(ray, narrowWindow, { about: about[i] as number, within: window }),
  );
  const { radii } = bestPath(narrow, sign);
  const points = radii.map((radius, i) => placeOn(frame, angles[i] as number, radius));
  const limit = thicknessPixels - 1.5 * window;
  const meetsBack = radii.some((radius, i) => radius * Math.cos(angles[i] as number) >= limit - 1);
  return { points, contrast: total / radii.length / noiseOf(picture, smooth), meetsBack };
}

function requireSize(face: FaceLine, thicknessPixels: number): void {
  const line = pixelsBetween(face.left, face.right);
  if (line >= 40 && thicknessPixels >= 40) return;
  throw new RangeFault({
    quantity: 'sheet on the picture',
    given: `${Math.min(line, thicknessPixels).toFixed(0)} pixels`,
    allowed: '40 pixels or more: a closer picture is needed',
  });
}

/** The middle of the melt on the face line, with the way along the face and the way down. */
interface Frame {
  readonly origin: PicturePoint;
  readonly along: PicturePoint;
  readonly down: PicturePoint;
}

function frameOf({ left, right }: FaceLine, middle: PicturePoint): Frame {
  const length = pixelsBetween(left, right);
  const along = { x: (right.x - left.x) / length, y: (right.y - left.y) / length };
  const share = (middle.x - left.x) * along.x + (middle.y - left.y) * along.y;
  return {
    origin: { x: left.x + share * along.x, y: left.y + share * along.y },
    along,
    down: { x: -along.y, y: along.x },
  };
}

/** From the left along the face, through straight down, to the right. */
function rayAngles(): readonly number[] {
  return Array.from({ length: rays }, (_, i) => -widestRay + (2 * widestRay * i) / (rays - 1));
}

function placeOn({ origin, along, down }: Frame, angle: number, radius: number): PicturePoint {
  const [side, depth] = [Math.sin(angle) * radius, Math.cos(angle) * radius];
  return {
    x: origin.x + side * along.x + depth * down.x,
    y: origin.y + side * along.y + depth * down.y,
  };
}

/** Shades along a ray, a pixel each; shorter where the sheet or the picture ends. */
function shadesAlong(
  picture: FloatPicture,
  frame: Frame,
  angle: number,
  thicknessPixels: number,
  window: number,
): readonly number[] {
  const cos = Math.cos(angle);
  // Rays flat under the face would run far into the sheet; a melt is seldom wider than two thicknesses to a side.
  const longest = Math.min((thicknessPixels - 0.5 * window) / Math.max(cos, 1e-6), 2 * thicknessPixels);
  const shades: number[] = [];
  for (let radius = 0; radius <= longest; radius++) {
    const { x, y } = placeOn(frame, angle, radius);
    if (x < 0 || y < 0 || x > picture.width - 1 || y > picture.height - 1) break;
    shades.push(shadeAt(picture, x, y));
  }
  return shades;
}

/** Step of the mean shade, outside less inside, at each radius of a ray; not a number where it may not lie. */
function stepsOf(
  shades: readonly number[],
  window: number,
  near: { readonly about: number; readonly within: number } | null = null,
): Float64Array {
  const steps = new Float64Array(Math.max(1, shades.length - window)).fill(near === null ? 0 : NaN);
  const first = Math.max(window, near === null ? 0 : near.about - near.within);
  const last = Math.min(steps.length - 1, near === null ? Infinity : near.about + near.within);
  for (let r = first; r <= last; r++) {
    let inside = 0;
    let outside = 0;
    for (let k = 0; k < window; k++) {
      inside += shades[r - 1 - k] as number;
      outside += shades[r + k] as number;
    }
    steps[r] = (outside - inside) / window;
  }
  return steps;
}

interface Path {
  readonly radii: readonly number[];
  readonly total: number;
}

/** One radius a ray with the largest sum of steps, less what bending from ray to ray costs. */
function bestPath(steps: readonly Float64Array[], sign: number): Path {
  const longest = Math.max(...steps.map(({ length }) => length));
  const reach = Math.round(leastReachOfStep + longest * 0.02);
  let sums = sumsOfFirst(steps[0] as Float64Array, sign, longest);
  const from: Int32Array[] = [];
  for (let ray = 1; ray < steps.length; ray++) {
    const next = new Float64Array(longest).fill(-Infinity);
    const back = new Int32Array(longest);
    const own = steps[ray] as Float64Array;
    for (let r = 0; r < own.length; r++) {
      const first = r > reach ? r - reach : 0;
      const last = r + reach < longest ? r + reach : longest - 1;
      for (let s = first; s <= last; s++) {
        const sum = (sums[s] as number) - bendCost * (r > s ? r - s : s - r);
        if (sum > (next[r] as number)) {
          next[r] = sum;
          back[r] = s;
        }
      }
      next[r] = (next[r] as number) + gainOf(own[r] as number, sign);
    }
    sums = next;
    from.push(back);
  }
  let at = sums.reduce((best, sum, r) => (sum > (sums[best] as number) ? r : best), 0);
  const total = sums[at] as number;
  const radii = [at];
  for (let ray = steps.length - 2; ray >= 0; ray--) {
    at = (from[ray] as Int32Array)[at] as number;
    radii.unshift(at);
  }
  return { radii, total };
}

function sumsOfFirst(first: Float64Array, sign: number, longest: number): Float64Array {
  const sums = new Float64Array(longest).fill(-Infinity);
  for (let r = 0; r < first.length; r++) sums[r] = gainOf(first[r] as number, sign);
  return sums;
}

/** What a step is worth to a path; where the line may not lie a path pays more than any step gives. */
function gainOf(step: number, sign: number): number {
  return Number.isNaN(step) ? -forbidden : sign * step;
}

interface FloatPicture {
  readonly width: number;
  readonly height: number;
  readonly data: Float32Array;
}

/** Pixels to each side of one that the grain is smoothed over. */
const grainRadius = 2;

/** Grain is finer than a melt: a mean over 5 by 5 pixels takes it out. */
function smoothed({ width, height, data }: GrayPicture): FloatPicture {
  const acrossRows = new Float32Array(width * height);
  const both = new Float32Array(width * height);
  const columns = clampedIndices(width);
  const lines = clampedIndices(height);
  const span = 2 * grainRadius + 1;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let k = 0; k < span; k++) sum += data[y * width + (columns[x + k] as number)] as number;
      acrossRows[y * width + x] = sum / span;
    }
  }
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let k = 0; k < span; k++) sum += acrossRows[(lines[y + k] as number) * width + x] as number;
      both[y * width + x] = sum / span;
    }
  }
  return { width, height, data: both };
}

/** Index of each place from a radius before the first to a radius behind the last; beyond an end stands the end. */
function clampedIndices(count: number): Int32Array {
  return Int32Array.from({ length: count + 2 * grainRadius }, (_, i) =>
    Math.min(count - 1, Math.max(0, i - grainRadius)),
  );
}

/** Between pixels in a straight line both ways. */
function shadeAt({ width, height, data }: FloatPicture, x: number, y: number): number {
  const left = Math.min(width - 2, Math.floor(x));
  const top = Math.min(height - 2, Math.floor(y));
  const [dx, dy] = [x - left, y - top];
  const at = (column: number, row: number) => data[row * width + column] as number;
  return (
    (1 - dy) * ((1 - dx) * at(left, top) + dx * at(left + 1, top)) +
    dy * ((1 - dx) * at(left, top + 1) + dx * at(left + 1, top + 1))
  );
}

/** Standard deviation of what the smoothing took out, shades of grey, 1 at least. */
function noiseOf({ data }: GrayPicture, smooth: FloatPicture): number {
  let sum = 0;
  for (let i = 0; i < data.length; i++) sum += ((data[i] as number) - (smooth.data[i] as number)) ** 2;
  return Math.max(1, Math.sqrt(sum / data.length));
}
