import { convertRgbToLrgb } from 'culori/fn';
import { RangeFault } from '../fault/index.js';
import type { ColourPicture } from './ColourPicture.js';
import type { PicturePoint } from './GrayPicture.js';

/** Light of a place, linear, 0 to 1 and beyond where it is brighter than the white. */
export interface LinearColour {
  readonly r: number;
  readonly g: number;
  readonly b: number;
}

/** Light of each of the 256 values of sRGB, worked out once for a picture. */
export type ByteLight = Float64Array;

export function byteLight(): ByteLight {
  return Float64Array.from({ length: 256 }, (_, value) => convertRgbToLrgb({ r: value / 255, g: 0, b: 0 }).r);
}

/** Half the side of the patch that is taken for white, pixels. */
const patchPixels = 6;
/** Outside these the camera has lost the colour of the light, in sRGB values of the darkest and brightest channel. */
const allowedWhite = { darkest: 60, brightest: 252 };

/**
 * The light that fell on a picture, off a place on it that is white or grey: paper, a card, a ground edge.
 *
 * @returns light of the white, linear: what a place is divided by to have its own colour
 * @throws RangeFault where the place is too dark, or so bright that the camera lost its colour
 */
export function whiteOf(
  { width, height, data }: ColourPicture,
  at: PicturePoint,
  light: ByteLight,
): LinearColour {
  const sum = { r: 0, g: 0, b: 0 };
  let count = 0;
  for (let y = Math.round(at.y) - patchPixels; y <= at.y + patchPixels; y++) {
    for (let x = Math.round(at.x) - patchPixels; x <= at.x + patchPixels; x++) {
      if (x < 0 || y < 0 || x >= width || y >= height) continue;
      const i = 4 * (y * width + x);
      sum.r += light[data[i] as number] as number;
      sum.g += light[data[i + 1] as number] as number;
      sum.b += light[data[i + 2] as number] as number;
      count++;
    }
  }
  const white = { r: sum.r / count, g: sum.g / count, b: sum.b / count };
  const { darkest, brightest } = allowedWhite;
  const least = Math.min(white.r, white.g, white.b);
  const most = Math.max(white.r, white.g, white.b);
  const isDark = least < (light[darkest] as number);
  if (count === 0 || isDark || most > (light[brightest] as number)) {
    throw new RangeFault({
      quantity: 'white',
      given: `a place ${count === 0 ? 'beside the picture' : isDark ? 'that is too dark' : 'that is burnt out'}`,
      allowed: 'paper, a card or bare ground metal that is neither in shadow nor glaring',
    });
  }
  return white;
}
