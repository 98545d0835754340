import type { Photo } from '@lone-heron/contract';
import type { PicturePoint } from '@lone-heron/core';
import { pictureAddress } from '../../../shared/api/photosApi.js';

/** Pixels of the picture that are seen across the glass. */
const seenPixels = 44;

/** What lies under the finger, larger, in the corner that the finger does not hide. */
export function Loupe({ photo, at, isLeft }: { photo: Photo; at: PicturePoint; isLeft: boolean }) {
  const half = seenPixels / 2;
  return (
    <svg
      viewBox={`${at.x - half} ${at.y - half} ${seenPixels} ${seenPixels}`}
      className={`pointer-events-none fixed top-24 z-30 size-44 rounded-full border-4 border-primary bg-base-300 ${isLeft ? 'left-4' : 'right-4'}`}
      aria-hidden="true"
    >
      <image
        href={pictureAddress(photo.hash)}
        width={photo.widthPx}
        height={photo.heightPx}
        style={{ imageRendering: 'pixelated' }}
      />
      <path
        d={`M${at.x - half} ${at.y}h${half - 2}m4 0h${half - 2}M${at.x} ${at.y - half}v${half - 2}m0 4v${half - 2}`}
        stroke="var(--melt-hot)"
        strokeWidth={0.5}
      />
    </svg>
  );
}
