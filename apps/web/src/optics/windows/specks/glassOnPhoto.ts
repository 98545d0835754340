import type { MachineProfile } from '@lone-heron/contract';
import { pixelsBetween, type GlassOnPicture, type PicturePoint } from '@lone-heron/core';

/** The free width of a glass where nobody has measured it, mm; a common size. */
export const usualGlassMm = 26;

/** Where the beam's width is not known it is taken to fill half of the glass. */
const usualBeamShare = 0.5;

/**
 * Width of the beam at the window over that of the glass: behind the focus lens it narrows by its full angle, so at the
 * lens, near which the window sits, it is the focal length times that angle wide.
 *
 * @param glassMm free width of the glass
 * @returns above 0, 1 at most
 */
export function beamShareOf({ optics }: Pick<MachineProfile, 'optics'>, glassMm: number): number {
  if (optics === null) return usualBeamShare;
  return Math.min(1, (optics.focusLensMm * optics.divergenceMrad) / 1000 / glassMm);
}

/** The glass between two places on its rim that lie across from each other. */
export function glassBetween(one: PicturePoint, other: PicturePoint, beamShare: number): GlassOnPicture {
  return {
    middle: { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 },
    radius: pixelsBetween(one, other) / 2,
    beamShare,
  };
}
