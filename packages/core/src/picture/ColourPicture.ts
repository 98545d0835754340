/** A picture in colour, row by row from the top left: red, green, blue and cover of each pixel, 0 to 255 in sRGB. */
export interface ColourPicture {
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** 4 x width x height values. */
  readonly data: Uint8Array | Uint8ClampedArray;
}
