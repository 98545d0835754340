import { pixelsBetween, type PicturePoint } from './GrayPicture.js';
import { belowFace, pixelsBelowFace, type FaceLine, type PictureReading } from './measureOnPicture.js';
import type { PictureScale } from './pictureScale.js';

/** One standard deviation of where a traced line lies, pixels. */
const traceSd = 2;

/** What a fusion line says of a melt. */
interface FusionLineReadings {
  /** Deepest point below the face. */
  readonly depth: PictureReading;
  /** From where the line leaves the face on the left to where it meets it on the right. */
  readonly width: PictureReading;
}

/**
 * Depth and width of a melt off its fusion line.
 *
 * @param points from the left of the face round below to the right, two or more
 * @example
 * fusionLineReadings([{ x: 20, y: 10 }, { x: 50, y: 40 }, { x: 80, y: 10 }], { left: { x: 0, y: 10 }, right: { x: 100, y: 10 } }, { mmPerPixel: 0.1, relativeSd: 0 }).depth.mm // => 3
 */
export function fusionLineReadings(
  points: readonly PicturePoint[],
  face: FaceLine,
  scale: PictureScale,
): FusionLineReadings {
  const deepest = points.reduce((best, next) =>
    pixelsBelowFace(next, face) > pixelsBelowFace(best, face) ? next : best,
  );
  const [first, last] = [points[0] as PicturePoint, points.at(-1) as PicturePoint];
  const depth = belowFace(deepest, face, scale);
  const widthMm = pixelsBetween(onFace(first, face), onFace(last, face)) * scale.mmPerPixel;
  const lineSdMm = traceSd * scale.mmPerPixel;
  return {
    depth: { mm: depth.mm, sdMm: Math.hypot(depth.sdMm, lineSdMm) },
    width: { mm: widthMm, sdMm: Math.hypot(Math.SQRT2 * lineSdMm, widthMm * scale.relativeSd) },
  };
}

/** The place on the face straight above a point. */
function onFace(point: PicturePoint, face: FaceLine): PicturePoint {
  const length = pixelsBetween(face.left, face.right);
  const below = pixelsBelowFace(point, face);
  const down = { x: -(face.right.y - face.left.y) / length, y: (face.right.x - face.left.x) / length };
  return { x: point.x - below * down.x, y: point.y - below * down.y };
}
