import type { GrayPicture } from '@lone-heron/core';
import { pixelsOf } from './pixelsOf.js';

/** A picture in shades of grey, with how many of its pixels one of the picture's own is. */
export interface ScaledGray {
  readonly picture: GrayPicture;
  /** Pixels of the grey picture per pixel of the whole one. */
  readonly share: number;
}

/** Reads a picture's shades, as bright as the eye sees them (Rec. 709). */
export async function grayOf(address: string): Promise<ScaledGray> {
  const { picture, share } = await pixelsOf(address);
  const { width, height, data: rgba } = picture;
  const data = new Uint8Array(width * height);
  for (let i = 0; i < data.length; i++) {
    const [red = 0, green = 0, blue = 0] = [rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]];
    data[i] = Math.round(0.2126 * red + 0.7152 * green + 0.0722 * blue);
  }
  return { picture: { width, height, data }, share };
}
