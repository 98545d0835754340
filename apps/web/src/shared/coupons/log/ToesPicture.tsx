import type { BackLook } from '@lone-heron/contract';
import type { ReactNode } from 'react';

const ink = { stroke: 'var(--color-base-content)', strokeWidth: 1.4, strokeLinejoin: 'round' } as const;
const melt = { ...ink, fill: 'var(--melt)' } as const;

/** A sheet standing on another, in section. */
const sheets = (
  <>
    <path d="M2 26h44v8H2z" fill="var(--steel)" stroke="var(--steel-line)" />
    <path d="M14 2h8v24h-8z" fill="var(--steel)" stroke="var(--steel-line)" />
  </>
);

/** What toes and far side show, drawn on a fillet: every one of a shape of its own. */
const pictures: Readonly<Record<BackLook, ReactNode>> = {
  none: <path d="M23 22q0-6 6-6t8 5q0 5-6 5t-8-4z" {...melt} />,
  faint: <path d="M22 24h3q5-5 11 2v2l-9 1z" {...melt} />,
  even: <path d="M20 12q5 9 17 14l-2 3q-9 0-13-2-3-5-2-15z" {...melt} />,
  heavy: (
    <>
      <path d="M14 12h8q5 9 16 14l-3 8H22q-6-8-8-22z" {...melt} />
      <path d="M24 37v6M18 37l-3 5M30 37l3 5" {...ink} fill="none" />
    </>
  ),
  hole: (
    <>
      <path d="M20 12q6 9 18 14l-3 8H20z" {...melt} />
      <circle cx="27" cy="29" r="4.5" {...ink} fill="var(--color-base-100)" />
    </>
  ),
};

/** A look at a joint that has no back. */
export function ToesPicture({ look }: { look: BackLook }) {
  return (
    <svg viewBox="0 0 48 46" className="size-12" aria-hidden="true">
      {sheets}
      {pictures[look]}
    </svg>
  );
}
