import { pixelsBetween, type PicturePoint } from './GrayPicture.js';
import { pointSd, type PictureScale } from './pictureScale.js';

/** A measured length with one standard deviation of the reading, mm. */
export interface PictureReading {
  readonly mm: number;
  readonly sdMm: number;
}

/** Where the face of the sheets lies on the picture: two points on it, far apart. */
export interface FaceLine {
  readonly left: PicturePoint;
  readonly right: PicturePoint;
}

/**
 * Length between two points.
 *
 * @example
 * lengthBetween({ x: 0, y: 0 }, { x: 100, y: 0 }, { mmPerPixel: 0.02, relativeSd: 0 }).mm // => 2
 */
export function lengthBetween(a: PicturePoint, b: PicturePoint, scale: PictureScale): PictureReading {
  return readingOf(pixelsBetween(a, b), Math.SQRT2 * pointSd, scale);
}

/**
 * Distance of a point from the face, straight down into the sheet; negative above the face. On a picture the right of
 * the face line is on the right hand, so that down is into the sheet.
 *
 * @example
 * belowFace({ x: 50, y: 30 }, { left: { x: 0, y: 10 }, right: { x: 100, y: 10 } }, { mmPerPixel: 0.1, relativeSd: 0 }).mm // => 2
 */
export function belowFace(point: PicturePoint, face: FaceLine, scale: PictureScale): PictureReading {
  const pixels = pixelsBelowFace(point, face);
  // The line's own place is as uncertain as its two points; between them it is better, beyond them worse.
  const along = shareAlong(point, face);
  const lineSd = pointSd * Math.hypot(1 - along, along);
  return readingOf(pixels, Math.hypot(pointSd, lineSd), scale);
}

/**
 * How far two points lie apart across the face, as two sheets that are out of line do.
 *
 * @example
 * acrossFace({ x: 0, y: 10 }, { x: 90, y: 13 }, { left: { x: 0, y: 10 }, right: { x: 100, y: 10 } }, { mmPerPixel: 0.1, relativeSd: 0 }).mm.toFixed(1) // => '0.3'
 */
export function acrossFace(
  a: PicturePoint,
  b: PicturePoint,
  face: FaceLine,
  scale: PictureScale,
): PictureReading {
  const pixels = Math.abs(pixelsBelowFace(a, face) - pixelsBelowFace(b, face));
  return readingOf(pixels, Math.SQRT2 * pointSd, scale);
}

/** Pixels from the face line down into the sheet; negative above it. */
export function pixelsBelowFace(point: PicturePoint, { left, right }: FaceLine): number {
  const length = pixelsBetween(left, right);
  return ((right.x - left.x) * (point.y - left.y) - (right.y - left.y) * (point.x - left.x)) / length;
}

function shareAlong(point: PicturePoint, { left, right }: FaceLine): number {
  const length = pixelsBetween(left, right);
  return (
    ((point.x - left.x) * (right.x - left.x) + (point.y - left.y) * (right.y - left.y)) / (length * length)
  );
}

function readingOf(
  pixels: number,
  pixelSd: number,
  { mmPerPixel, relativeSd }: PictureScale,
): PictureReading {
  const mm = pixels * mmPerPixel;
  return { mm, sdMm: Math.hypot(pixelSd * mmPerPixel, mm * relativeSd) };
}
