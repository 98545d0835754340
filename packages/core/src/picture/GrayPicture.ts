/** A picture in shades of grey, row by row from the top left, 0 black to 255 white. */
export interface GrayPicture {
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** width x height values. */
  readonly data: Uint8Array | Uint8ClampedArray;
}

/** A place on a picture, pixels from its top left; parts of a pixel count. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

/** Distance of two places, pixels. */
export function pixelsBetween(a: PicturePoint, b: PicturePoint): number {
  return Math.hypot(b.x - a.x, b.y - a.y);
}
