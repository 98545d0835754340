import type { PartWarp, WarpSeam } from '@lone-heron/core';
import { partView, type PartView } from './partView.js';

interface PartWarpPictureProps {
  seams: readonly WarpSeam[];
  warp: PartWarp;
  /** How many stages have been gone through, the last of them shown. */
  stage: number;
  words: string;
}

/** Marks of more seams than this are written smaller. */
const fewMarks = 10;
/** Points along a seam that follow the bent sheet. */
const pointsAlong = 12;

/** The part seen from the side, drawn ten times as bent as it comes out; seams that are still to come are dashed. */
export function PartWarpPicture({ seams, warp, stage, words }: PartWarpPictureProps) {
  const shown = warp.stages[stage];
  if (shown === undefined) return null;
  const view = partView(warp.grid, shown.shape);
  const welded = new Set(warp.stages.slice(0, stage + 1).map(({ mark }) => mark));
  const { left, top, width, height } = view.box;
  const ink = Math.max(width, height) / 300;
  return (
    <svg
      viewBox={`${left} ${top} ${width} ${height}`}
      className="max-h-80 w-full"
      role="img"
      aria-label={words}
    >
      {view.cells.map(({ at, corners, shade }) => (
        <path
          key={at}
          d={`M${corners.map((corner) => corner.map((each) => each.toFixed(2)).join(' ')).join('L')}Z`}
          style={{
            fill: `color-mix(in oklab, var(--steel) ${(100 - 26 * Math.abs(shade)).toFixed(0)}%, ${shade > 0 ? '#ffffff' : '#1d2a33'})`,
          }}
          stroke="var(--steel-line)"
          strokeOpacity={0.35}
          strokeWidth={ink / 4}
        />
      ))}
      {seams.map((seam) => (
        <DrawnSeam
          key={seam.mark}
          seam={seam}
          view={view}
          ink={ink}
          size={(seams.length > fewMarks ? 9 : 12) * ink}
          isWelded={welded.has(seam.mark)}
        />
      ))}
    </svg>
  );
}

interface DrawnSeamProps {
  seam: WarpSeam;
  view: PartView;
  ink: number;
  /** Of its mark. */
  size: number;
  isWelded: boolean;
}

function DrawnSeam({ seam: { mark, from, to }, view, ink, size, isWelded }: DrawnSeamProps) {
  const points = Array.from({ length: pointsAlong }, (_, at) => {
    const share = at / (pointsAlong - 1);
    return view.place(from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1]));
  });
  const { left, width } = view.box;
  const [x, y] = view.place((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
  return (
    <g>
      <path
        d={`M${points.map((point) => point.map((each) => each.toFixed(2)).join(' ')).join('L')}`}
        fill="none"
        stroke={isWelded ? 'var(--color-primary)' : 'var(--color-base-content)'}
        strokeWidth={isWelded ? 2 * ink : ink}
        strokeDasharray={isWelded ? undefined : `${4 * ink} ${3 * ink}`}
        strokeLinecap="round"
      />
      <text
        x={x > left + 0.9 * width ? x - 4 * ink : x + 4 * ink}
        textAnchor={x > left + 0.9 * width ? 'end' : 'start'}
        y={y - 4 * ink}
        fontSize={size}
        fill="var(--color-base-content)"
        stroke="var(--color-base-100)"
        strokeWidth={3 * ink}
        paintOrder="stroke"
      >
        {mark}
      </text>
    </g>
  );
}
