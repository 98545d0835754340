import type { GrayPicture, PicturePoint } from './GrayPicture.js';
import { localMean } from './localMean.js';

/** Where the glass lies on a picture, and where on it the beam goes through: round its middle. */
export interface GlassOnPicture {
  readonly middle: PicturePoint;
  /** Of the free glass, pixels. */
  readonly radius: number;
  /** Radius of the beam at the glass over that of the glass, above 0 to 1. */
  readonly beamShare: number;
}

/** A mark on the glass: dark where dirt got in, pale where light came back. */
export interface Speck {
  readonly kind: 'dark' | 'pale';
  readonly middle: PicturePoint;
  readonly pixels: number;
  /** Whether part of it lies where the beam goes through. */
  readonly isInBeam: boolean;
}

/** What is on a glass. */
export interface SpeckCount {
  /** The largest first. */
  readonly specks: readonly Speck[];
  /** Share of the beam's footprint that specks cover, 0 to 1. */
  readonly beamCovered: number;
  /** Share of the whole glass that specks cover, 0 to 1. */
  readonly glassCovered: number;
}

/** A pixel differs where it is so many deviations off the ground, and so many of 255 shades at least. */
const deviations = 6;
const leastShades = 14;
/** Smaller marks are grain of the camera. */
const leastPixels = 4;
/** The ground at a pixel is what lies within this share of the glass's radius around it. */
const groundShare = 0.16;
/** The rim throws shadows: marks are looked for inside it. */
const rimShare = 0.96;

/**
 * Finds and counts specks on a picture of a window laid on a plain ground: pixels that stand out from the ground around
 * them, joined where they touch. The ground is taken twice, the second time without what stood out the first, so that a
 * large speck does not darken its own ground.
 *
 * @param picture sharp, the glass at least 60 pixels across
 */
export function countSpecks(picture: GrayPicture, glass: GlassOnPicture): SpeckCount {
  const inside = glassMask(picture, glass);
  const marks = marksOn(picture, inside, glass.radius);
  const found = joinedMarks(marks, picture.width);
  const specks = found.map((pixels) => speckOf(pixels, marks, picture.width, glass));
  const beam = countWhere(inside, (at) => isInBeam(at, picture.width, glass));
  const total = countWhere(inside, () => true);
  const kept = found.flat();
  const inBeam = kept.filter((at) => isInBeam(at, picture.width, glass)).length;
  return {
    specks: specks.toSorted((one, other) => other.pixels - one.pixels),
    beamCovered: beam === 0 ? 0 : inBeam / beam,
    glassCovered: total === 0 ? 0 : kept.length / total,
  };
}

/** 1 on the glass, 0 beside it. */
function glassMask({ width, height }: GrayPicture, { middle, radius }: GlassOnPicture): Uint8Array {
  const mask = new Uint8Array(width * height);
  const reach = radius * rimShare;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      if (isWithin(x - middle.x, y - middle.y, reach)) mask[y * width + x] = 1;
    }
  }
  return mask;
}

/** 1 where darker than the ground, 2 where paler, 0 where alike. */
function marksOn(picture: GrayPicture, inside: Uint8Array, radius: number): Uint8Array {
  const reach = Math.max(3, Math.round(radius * groundShare));
  const first = standingOut(picture, inside, localMean(picture, inside, reach));
  const plain = inside.map((within, at) => (within === 1 && first[at] === 0 ? 1 : 0));
  return standingOut(picture, inside, localMean(picture, plain, reach));
}

function standingOut(picture: GrayPicture, inside: Uint8Array, ground: Float32Array): Uint8Array {
  const off = ground.map((shade, at) => (picture.data[at] ?? 0) - shade);
  const least = Math.max(leastShades, deviations * spreadOf(off, inside));
  return Uint8Array.from(off, (each, at) => {
    if (inside[at] === 0 || Number.isNaN(each)) return 0;
    return each <= -least ? 1 : each >= least ? 2 : 0;
  });
}

/** The spread of the ground by its median, which a few specks do not move. */
function spreadOf(off: Float32Array, inside: Uint8Array): number {
  const sizes = off.map(Math.abs).filter((each, at) => inside[at] === 1 && !Number.isNaN(each));
  sizes.sort();
  return 1.4826 * (sizes[sizes.length >> 1] ?? 0);
}

/** Pixels of each mark, joined over sides and corners; those too small left out. */
function joinedMarks(marks: Uint8Array, width: number): readonly number[][] {
  const seen = new Uint8Array(marks.length);
  const found: number[][] = [];
  for (let start = 0; start < marks.length; start++) {
    if (marks[start] === 0 || seen[start] === 1) continue;
    const pixels = [start];
    seen[start] = 1;
    for (let next = 0; next < pixels.length; next++) {
      const at = pixels[next] as number;
      for (const step of [-width - 1, -width, -width + 1, -1, 1, width - 1, width, width + 1]) {
        const beside = at + step;
        if (marks[beside] !== marks[start] || seen[beside] === 1) continue;
        seen[beside] = 1;
        pixels.push(beside);
      }
    }
    if (pixels.length >= leastPixels) found.push(pixels);
  }
  return found;
}

function speckOf(pixels: readonly number[], marks: Uint8Array, width: number, glass: GlassOnPicture): Speck {
  const sum = pixels.reduce(({ x, y }, at) => ({ x: x + (at % width), y: y + Math.floor(at / width) }), {
    x: 0,
    y: 0,
  });
  return {
    kind: marks[pixels[0] ?? 0] === 1 ? 'dark' : 'pale',
    middle: { x: sum.x / pixels.length, y: sum.y / pixels.length },
    pixels: pixels.length,
    isInBeam: pixels.some((at) => isInBeam(at, width, glass)),
  };
}

function isInBeam(at: number, width: number, { middle, radius, beamShare }: GlassOnPicture): boolean {
  return isWithin((at % width) - middle.x, Math.floor(at / width) - middle.y, radius * beamShare);
}

function isWithin(across: number, down: number, radius: number): boolean {
  return across * across + down * down <= radius * radius;
}

function countWhere(mask: Uint8Array, isCounted: (at: number) => boolean): number {
  return mask.reduce((sum, within, at) => sum + (within === 1 && isCounted(at) ? 1 : 0), 0);
}
