import type { PicturePoint } from '@lone-heron/core';

interface TravelSidesProps {
  from: PicturePoint;
  to: PicturePoint;
  /** Pixels of the picture that a thin line is wide. */
  unit: number;
}

/** Which way the seam went on the picture, and which side is left of it. */
export function TravelSides({ from, to, unit }: TravelSidesProps) {
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  return (
    <g
      transform={`translate(${middle.x} ${middle.y}) rotate(${angle}) scale(${unit})`}
      className="pointer-events-none"
      aria-hidden="true"
    >
      <path d="M-14 -9L6 0L-14 9z" fill="var(--straw)" stroke="#000" strokeWidth={1.5} />
      {(['left', 'right'] as const).map((side) => (
        <text
          key={side}
          y={side === 'left' ? -34 : 46}
          textAnchor="middle"
          fontSize={18}
          fontWeight={700}
          fill="#fff"
          stroke="#000"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {side}
        </text>
      ))}
    </g>
  );
}
