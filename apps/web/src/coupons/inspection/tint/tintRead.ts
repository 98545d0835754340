import { measureTint, RangeFault, type PictureScale, type TintFound } from '@lone-heron/core';
import type { ScaledPicture } from '../../../shared/picture/pixelsOf.js';
import type { Placed } from '../measure/placed.js';

/** What was read, or what keeps it from being read; null while something is not placed yet. */
export type TintRead = { readonly found: TintFound } | { readonly fault: string } | null;

/** Reads the colours with what is placed on the photo. */
export function tintRead(
  { picture, share }: ScaledPicture,
  { points }: Placed,
  scale: PictureScale | null,
  reachMm: number,
): TintRead {
  const [white] = points['white'] ?? [];
  const [from, to] = points['seam'] ?? [];
  if (white === undefined || from === undefined || to === undefined || scale === null) return null;
  const scaled = ({ x, y }: { x: number; y: number }) => ({ x: x * share, y: y * share });
  try {
    const found = measureTint({
      picture,
      white: scaled(white),
      seam: { from: scaled(from), to: scaled(to) },
      scale: { ...scale, mmPerPixel: scale.mmPerPixel / share },
      reachMm,
    });
    return { found };
  } catch (fault) {
    if (fault instanceof RangeFault) return { fault: fault.message };
    throw fault;
  }
}
