import type { Outcome } from '@lone-heron/core';
import { meltOutline, type MeltShape } from './meltOutline.js';

interface MiniSectionProps {
  melt: MeltShape;
  secondThicknessMm: number;
  gapMm: number;
  /** What was seen, which colours the melt. */
  outcome: Outcome;
  className?: string;
}

/** The section in small, to compare shapes at a glance. Decorative: words stand beside it. */
export function MiniSection({ melt, secondThicknessMm, gapMm, outcome, className }: MiniSectionProps) {
  const { thicknessMm, widthMm } = melt;
  const thicker = Math.max(thicknessMm, secondThicknessMm);
  const half = Math.max(widthMm * 1.1, thicker * 1.5);
  const top = -0.25 * widthMm;
  const height = thicker * 1.4 - top;
  return (
    <svg
      viewBox={`${-half} ${top} ${2 * half} ${height}`}
      className={className}
      aria-hidden="true"
      focusable="false"
    >
      <g fill="var(--steel)" stroke="var(--steel-line)" strokeWidth={half / 90}>
        <rect x={-half} y={0} width={half - gapMm / 2} height={thicknessMm} />
        <rect x={gapMm / 2} y={0} width={half - gapMm / 2} height={secondThicknessMm} />
      </g>
      <path
        d={meltOutline(melt)}
        fill={`var(--${outcome})`}
        stroke="var(--color-base-content)"
        strokeWidth={half / 70}
      />
    </svg>
  );
}
