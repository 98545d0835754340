import { RangeFault, requireWithin } from '../fault/index.js';
import { pixelsBetween, type PicturePoint } from './GrayPicture.js';

/** How large a picture is, and how well that is known. */
export interface PictureScale {
  readonly mmPerPixel: number;
  /** One standard deviation as a share of it. */
  readonly relativeSd: number;
}

/** One standard deviation of a point that a hand places under a loupe, pixels. */
export const pointSd = 0.8;

/** Shorter than this the scale is a guess, pixels. */
const shortestPixels = 20;

/**
 * The scale of a picture from two points on it whose distance is known: a sheet's thickness, or two lines of a ruler.
 *
 * @param lengthMm their distance, 0.1 to 1000 mm
 * @param lengthSdMm one standard deviation of that, mm, 0 or more: what the thickness or the ruler is trusted to
 * @throws RangeFault for a length out of range, or for points less than 20 pixels apart
 * @example
 * pictureScale({ x: 0, y: 0 }, { x: 300, y: 400 }, 2, 0.01).mmPerPixel // => 0.004
 */
export function pictureScale(
  from: PicturePoint,
  to: PicturePoint,
  lengthMm: number,
  lengthSdMm: number,
): PictureScale {
  requireWithin(lengthMm, { quantity: 'known length', min: 0.1, max: 1000, unit: 'mm' });
  const pixels = pixelsBetween(from, to);
  if (pixels < shortestPixels) {
    throw new RangeFault({
      quantity: 'distance of the two points of the scale',
      given: `${pixels.toFixed(0)} pixels`,
      allowed: `${shortestPixels} pixels or more: go closer or take the longer one`,
    });
  }
  return {
    mmPerPixel: lengthMm / pixels,
    relativeSd: Math.hypot((Math.SQRT2 * pointSd) / pixels, lengthSdMm / lengthMm),
  };
}
