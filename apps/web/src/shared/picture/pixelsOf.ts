import type { ColourPicture } from '@lone-heron/core';

/** Longest side that is read; a larger picture is taken smaller, which edges and colours do not mind. */
const longestSide = 1600;

/** A picture as it is read, with how many of its pixels one of the photo's own is. */
export interface ScaledPicture {
  readonly picture: ColourPicture;
  /** Pixels of this picture per pixel of the whole one. */
  readonly share: number;
}

/** Reads a picture's pixels. */
export async function pixelsOf(address: string): Promise<ScaledPicture> {
  const image = new Image();
  image.src = address;
  await image.decode();
  const share = Math.min(1, longestSide / Math.max(image.naturalWidth, image.naturalHeight));
  const width = Math.round(image.naturalWidth * share);
  const height = Math.round(image.naturalHeight * share);
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (context === null) throw new Error('This browser does not let a picture be read.');
  context.drawImage(image, 0, 0, width, height);
  return { picture: { width, height, data: context.getImageData(0, 0, width, height).data }, share };
}
