import type { FaceSign, WeldingSign } from '@lone-heron/core';
import type { ReactNode } from 'react';

const sheetThrough = <path d="M2 14h44v10H2z" fill="var(--steel)" stroke="var(--steel-line)" />;
const sheetAbove = <path d="M2 4h44v24H2z" fill="var(--steel)" stroke="var(--steel-line)" />;
const ink = { stroke: 'var(--color-base-content)', strokeWidth: 1.4, strokeLinejoin: 'round' } as const;
const melt = { ...ink, fill: 'var(--melt)' } as const;
const line = { ...ink, fill: 'none', strokeLinecap: 'round', strokeWidth: 1.8 } as const;
const seam = <path d="M2 11h44v10H2z" fill="var(--melt)" stroke="var(--color-base-content)" />;

/** What each sign looks like: through the sheet where its shape tells, from above where its face does. */
const pictures: Readonly<Record<FaceSign | WeldingSign, ReactNode>> = {
  even: (
    <>
      {sheetThrough}
      <path d="M14 14q10-4 20 0l-6 10h-8z" {...melt} />
    </>
  ),
  roundedPulledAway: (
    <>
      {sheetThrough}
      <path d="M16 14q-3-11 8-11t8 11q-8 4-16 0z" {...melt} />
    </>
  ),
  sagging: (
    <>
      {sheetThrough}
      <path d="M13 14q11 7 22 0l-4 10q-7 8-14 0z" {...melt} />
    </>
  ),
  undercut: (
    <>
      {sheetThrough}
      <path d="M12 14l3 3q9-8 18 0l3-3-7 10h-10z" {...melt} />
    </>
  ),
  oneSide: (
    <>
      {sheetThrough}
      <path d="M24 14v10" {...line} />
      <path d="M22 14q10-4 20 0l-7 8h-7z" {...melt} />
    </>
  ),
  dullOrSooty: (
    <>
      {sheetAbove}
      <path
        d="M2 11h44v10H2z"
        fill="var(--color-base-content)"
        fillOpacity="0.55"
        stroke="var(--color-base-content)"
      />
      <path d="M6 8l6-3M18 8l6-3M30 8l6-3M8 27l6-3M22 27l6-3M36 27l6-3" {...line} />
    </>
  ),
  pores: (
    <>
      {sheetAbove}
      {seam}
      {[9, 17, 23, 32, 40].map((x, i) => (
        <circle key={x} cx={x} cy={i % 2 === 0 ? 14.5 : 18} r="1.6" fill="var(--color-base-content)" />
      ))}
    </>
  ),
  holes: (
    <>
      {sheetAbove}
      {seam}
      <circle cx="15" cy="16" r="5.5" {...ink} fill="var(--color-base-100)" />
      <circle cx="34" cy="16" r="4" {...ink} fill="var(--color-base-100)" />
    </>
  ),
  zigzag: (
    <>
      {sheetAbove}
      <path d="M3 20l6-8 6 8 6-8 6 8 6-8 6 8 6-8" {...line} stroke="var(--melt)" strokeWidth="4" />
    </>
  ),
  keyholeShut: (
    <>
      {sheetThrough}
      <path d="M14 14q10 7 20 0z" {...melt} />
      <path d="M24 2v10" {...line} />
    </>
  ),
  keyholeWide: (
    <>
      {sheetThrough}
      <path d="M12 14h24l-6 10h-12z" {...melt} />
      <path d="M19 14h10l-3 10h-4z" {...ink} fill="var(--color-base-100)" />
      <path d="M24 1v9" {...line} />
    </>
  ),
  wirePushesBack: (
    <>
      {sheetThrough}
      <path d="M24 14L42 3" {...line} />
      <path d="M33 3l9 0 0 8" {...line} />
    </>
  ),
  wireStuck: (
    <>
      {sheetThrough}
      <path d="M15 14q9-4 18 0-2 5-9 5t-9-5z" {...melt} />
      <path d="M26 14L42 4" {...line} strokeWidth="3" />
    </>
  ),
  steadySound: <path d="M4 16c4-12 6-12 10 0s6 12 10 0 6-12 10 0 6 12 10 0" {...line} />,
  crackling: <path d="M4 16h6l2-9 4 18 3-14 3 8 2-3h6l2-10 4 16 2-6h6" {...line} />,
  sparks: (
    <>
      {sheetThrough}
      <path d="M24 13L12 3M24 13L36 3M24 13L24 1M24 13L6 9M24 13L42 9" {...line} />
    </>
  ),
  fadedAlongSeam: (
    <>
      {sheetAbove}
      <path d="M2 10h14q20 2 30 6-10 4-30 6H2z" {...melt} />
    </>
  ),
  craterSunk: (
    <>
      {sheetThrough}
      <path d="M2 14h24q4 0 6 4t6 0q1-4 3-4l-4 8H2z" {...melt} />
    </>
  ),
};

/** A sign drawn in small. Decorative: its words stand beside it. */
export function SignPicture({ sign }: { sign: FaceSign | WeldingSign }) {
  return (
    <svg viewBox="0 0 48 32" className="h-8 w-12 shrink-0" aria-hidden="true" focusable="false">
      {pictures[sign]}
    </svg>
  );
}
