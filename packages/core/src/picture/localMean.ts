import type { GrayPicture } from './GrayPicture.js';

/**
 * Mean shade of the square around each pixel, of the pixels that count alone, by sums over rectangles (Crow 1984).
 *
 * @param counts 1 for pixels that count; width x height values
 * @param reach half the square's side, pixels
 * @returns width x height values, row by row; not a number where nothing around counts
 */
export function localMean(
  { width, height, data }: GrayPicture,
  counts: Uint8Array,
  reach: number,
): Float32Array {
  const shades = rectangleSums(width, height, (at) => (counts[at] ?? 0) * (data[at] ?? 0));
  const pixels = rectangleSums(width, height, (at) => counts[at] ?? 0);
  const means = new Float32Array(width * height);
  for (let y = 0; y < height; y++) {
    const top = Math.max(0, y - reach) * (width + 1);
    const bottom = Math.min(height, y + reach + 1) * (width + 1);
    for (let x = 0; x < width; x++) {
      const left = Math.max(0, x - reach);
      const right = Math.min(width, x + reach + 1);
      means[y * width + x] =
        sumOver(shades, top + left, top + right, bottom + left, bottom + right) /
        sumOver(pixels, top + left, top + right, bottom + left, bottom + right);
    }
  }
  return means;
}

/** Sums of all that lies above and left of each corner between pixels. */
function rectangleSums(width: number, height: number, valueAt: (at: number) => number): Float64Array {
  const across = width + 1;
  const sums = new Float64Array(across * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += valueAt(y * width + x);
      const corner = (y + 1) * across + x + 1;
      sums[corner] = row + (sums[corner - across] ?? 0);
    }
  }
  return sums;
}

function sumOver(
  sums: Float64Array,
  topLeft: number,
  topRight: number,
  bottomLeft: number,
  bottomRight: number,
): number {
  return (sums[bottomRight] ?? 0) - (sums[topRight] ?? 0) - (sums[bottomLeft] ?? 0) + (sums[topLeft] ?? 0);
}
