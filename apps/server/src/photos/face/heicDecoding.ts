import heicDecode from 'heic-decode';

/** A picture as its pixels: four bytes each, red, green, blue and how much covers, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}

/**
 * The first picture of an HEIC file, upright as the file says. It holds its thread up, for seconds where the picture is large.
 *
 * @throws Error where it is broken
 */
export function decodeHeic(sent: Uint8Array): Promise<Pixels> {
  return heicDecode({ buffer: sent });
}
