import type { GlassOnPicture } from './countSpecks.js';
import type { GrayPicture, PicturePoint } from './GrayPicture.js';

/** A speck to be drawn: where, how large, and how much darker or paler than its ground. */
export interface DrawnSpeck {
  readonly middle: PicturePoint;
  /** Pixels. */
  readonly radius: number;
  /** Of 255; below 0 darker. */
  readonly shades: number;
}

/** A glass to be drawn. */
export interface GlassToDraw {
  /** Of the picture's sides, pixels. */
  readonly side: number;
  readonly glass: GlassOnPicture;
  readonly specks: readonly DrawnSpeck[];
  /** How much darker the ground is at the right than at the left, of 255. */
  readonly slope: number;
  /** Standard deviation of the grain, of 255. */
  readonly grain: number;
  readonly random: () => number;
}

const groundShade = 178;
const besideShade = 96;

/** A made-up picture of a window on a plain ground, with the specks that are asked for: for tests and samples. */
export function generatedGlass({ side, glass, specks, slope, grain, random }: GlassToDraw): GrayPicture {
  const data = new Uint8Array(side * side);
  for (let y = 0; y < side; y++) {
    for (let x = 0; x < side; x++) {
      const isGlass = (x - glass.middle.x) ** 2 + (y - glass.middle.y) ** 2 <= glass.radius ** 2;
      const ground = isGlass ? groundShade - slope * (x / side - 0.5) : besideShade;
      const mark = isGlass ? shadesAt(specks, x, y) : 0;
      const noise = grain * (random() + random() + random() + random() - 2) * Math.sqrt(3);
      data[y * side + x] = Math.max(0, Math.min(255, Math.round(ground + mark + noise)));
    }
  }
  return { width: side, height: side, data };
}

function shadesAt(specks: readonly DrawnSpeck[], x: number, y: number): number {
  const on = specks.find(({ middle, radius }) => (x - middle.x) ** 2 + (y - middle.y) ** 2 <= radius ** 2);
  return on?.shades ?? 0;
}
