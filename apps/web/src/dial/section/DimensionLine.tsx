import type { PointMm } from '@lone-heron/core';

interface DimensionLineProps {
  /** On the page, px. */
  from: PointMm;
  to: PointMm;
  /** How far beside the measured points the line stands, px; to the left of the way from one to the other. */
  beside: number;
  label: string;
  /** Smaller words below the label. */
  note?: string | undefined;
  isLarge?: boolean;
  /** The words stand past the line's right end, where something else is over its middle. */
  isPastEnd?: boolean;
}

const tick = 6;

/** A measure between two points: a line beside them with ticks at its ends, and its figure. */
export function DimensionLine({ from, to, beside, label, note, ...how }: DimensionLineProps) {
  const { isLarge = false, isPastEnd = false } = how;
  const along = [to[0] - from[0], to[1] - from[1]] as const;
  const length = Math.hypot(...along) || 1;
  const side = [along[1] / length, -along[0] / length] as const;
  const at = (point: PointMm, by: number): PointMm => [point[0] + side[0] * by, point[1] + side[1] * by];
  const [a, b] = [at(from, beside), at(to, beside)];
  const middle: PointMm = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const right = a[0] > b[0] ? a : b;
  const words: PointMm = isPastEnd ? [right[0] + 8, right[1]] : at(middle, beside < 0 ? -10 : 10);
  const isAcross = Math.abs(side[1]) > 0.5;
  const outward = Math.sign(beside) * side[0];
  const anchor = isPastEnd ? 'start' : isAcross ? 'middle' : outward < 0 ? 'end' : 'start';
  const lift = isPastEnd ? 6 : isAcross ? (Math.sign(beside) * side[1] < 0 ? 0 : 12) : 5;
  return (
    <g>
      <path
        d={`M${at(a, -tick).join(' ')}L${at(a, tick).join(' ')}M${a.join(' ')}L${b.join(' ')}M${at(b, -tick).join(' ')}L${at(b, tick).join(' ')}`}
        stroke="var(--color-base-content)"
        strokeWidth={1}
        fill="none"
      />
      <text
        x={words[0]}
        y={words[1] + lift}
        textAnchor={anchor}
        className={`measure-words fill-base-content font-semibold ${isLarge ? 'text-[18px]' : 'text-[15px]'}`}
      >
        {label}
      </text>
      {note !== undefined && (
        <text
          x={words[0]}
          y={words[1] + lift + 18}
          textAnchor={anchor}
          className="measure-words fill-soft text-[14px]"
        >
          {note}
        </text>
      )}
    </g>
  );
}
