import { jointOutline, type Joint, type Outcome } from '@lone-heron/core';
import { useId } from 'react';
import { meltBox, meltFrame } from './meltFrame.js';
import { meltOutline } from './meltOutline.js';
import { outlinePath } from './outlinePath.js';

/** A melt in its joint. */
export interface JointMelt {
  readonly joint: Joint;
  readonly widthMm: number;
  readonly depthMm: number;
}

interface MiniSectionProps {
  melt: JointMelt;
  /** What was seen, which colours the melt. */
  outcome: Outcome;
  className?: string;
}

/** A melt without a far side is drawn with this much room below it. */
const noFarSide = 2;

/** The section in small, of any joint, to compare shapes at a glance. Decorative: words stand beside it. */
export function MiniSection({ melt: { joint, widthMm, depthMm }, outcome, className }: MiniSectionProps) {
  const clip = useId();
  const outline = jointOutline(joint);
  const frame = meltFrame(joint);
  const { left, bottom, width, height } = meltBox(frame, { widthMm, depthMm }, outline.fill.flat());
  const side = width * 0.25;
  const stroke = (width + 2 * side) / 120;
  const [x, y] = frame.face;
  const metal = [...outline.first, ...outline.second];
  return (
    <svg
      viewBox={`${left - side} ${-bottom - height} ${width + 2 * side} ${height}`}
      className={className}
      aria-hidden="true"
      focusable="false"
    >
      <clipPath id={clip}>
        {[...metal, ...outline.fill].map((polygon, i) => (
          <path key={i} d={outlinePath(polygon)} />
        ))}
      </clipPath>
      {metal.map((polygon, i) => (
        <path
          key={i}
          d={outlinePath(polygon)}
          fillRule="evenodd"
          fill="var(--steel)"
          stroke="var(--steel-line)"
          strokeWidth={stroke}
        />
      ))}
      <g clipPath={frame.isSlanted ? `url(#${clip})` : undefined}>
        <path
          transform={`translate(${x} ${-y}) rotate(${frame.turnDegrees})`}
          d={meltOutline({ widthMm, depthMm, thicknessMm: frame.throughMm ?? depthMm * noFarSide })}
          fill={`var(--${outcome})`}
          stroke="var(--color-base-content)"
          strokeWidth={stroke * 1.3}
        />
      </g>
    </svg>
  );
}
