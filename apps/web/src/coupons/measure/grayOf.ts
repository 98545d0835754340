import type { GrayPicture } from '@lone-heron/core';

/** Longest side that is searched; a larger picture is taken smaller, which a melt's edge does not mind. */
const longestSide = 1600;

/** A picture in shades of grey, with how many of its pixels one of the picture's own is. */
export interface ScaledGray {
  readonly picture: GrayPicture;
  /** Pixels of the grey picture per pixel of the whole one. */
  readonly share: number;
}

/** Reads a picture's shades, as bright as the eye sees them (Rec. 709). */
export async function grayOf(address: string): Promise<ScaledGray> {
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
  const { data: rgba } = context.getImageData(0, 0, width, height);
  const data = new Uint8Array(width * height);
  for (let i = 0; i < data.length; i++) {
    const [red = 0, green = 0, blue = 0] = [rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]];
    data[i] = Math.round(0.2126 * red + 0.7152 * green + 0.0722 * blue);
  }
  return { picture: { width, height, data }, share };
}
