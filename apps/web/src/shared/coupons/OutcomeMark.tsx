import type { Outcome } from '@lone-heron/core';

/** The bead of each outcome in a little section through the sheet: its own shape as well as its colour. */
const beads: Readonly<Record<Outcome, string>> = {
  cold: 'M7 7c1-5 9-5 10 0z',
  part: 'M6 7h12c0 3.5-3 6-6 6s-6-2.5-6-6z',
  full: 'M6 7h12l-3.5 10h-5z',
  hot: 'M5 8h14l-3 9c.5 6-8.5 6-8 0z',
  hole: 'M6 7l3 3-1 4 2 3H6zM18 7l-3 3 1 4-2 3h4z',
};

/** A mark for an outcome, told apart without colour. Decorative: words stand beside it. */
export function OutcomeMark({ outcome, className = 'size-6' }: { outcome: Outcome; className?: string }) {
  return (
    <svg viewBox="0 0 24 24" className={`shrink-0 ${className}`} aria-hidden="true" focusable="false">
      <path d="M1 7h22v10H1z" fill="var(--steel)" stroke="var(--steel-line)" strokeWidth="1" />
      {outcome === 'hole' && <path d="M8.5 6h7v12h-7z" fill="var(--color-base-100)" />}
      <path
        d={beads[outcome]}
        fill={`var(--${outcome})`}
        stroke="var(--color-base-content)"
        strokeWidth="1"
      />
    </svg>
  );
}
