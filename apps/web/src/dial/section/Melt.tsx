import { inMm, seamOf, type PolygonMm } from '@lone-heron/core';
import { meltOutline, type MeltShape } from '../../shared/drawing/meltOutline.js';
import type { DialOutcome } from '../dialOutcome.js';
import { polygonPath, type SectionView } from './sectionView.js';

interface MeltProps {
  view: SectionView;
  outcome: DialOutcome;
  ids: { readonly molten: string; readonly clip: string };
}

/** A melt that has no far side is drawn as deep as it goes, and this much room below it. */
const noFarSide = 2;

/** The melt in its joint, with the band of doubt of one standard deviation either way. */
export function Melt({ view, outcome, ids }: MeltProps) {
  const { face, isSlanted, turnDegrees, scale, widthMm, depthMm, spread, toPage, outline } = view;
  const thicknessMm = view.throughMm ?? depthMm * noFarSide;
  const melt: MeltShape = { widthMm, depthMm, thicknessMm };
  const [x, y] = toPage(face);
  return (
    <>
      {isSlanted && (
        <clipPath id={ids.clip}>
          {[...outline.first, ...outline.second, ...outline.fill, ...gapStrips(outcome)].map((polygon) => (
            <path key={polygonPath(polygon, view)} d={polygonPath(polygon, view)} />
          ))}
        </clipPath>
      )}
      <g clipPath={isSlanted ? `url(#${ids.clip})` : undefined}>
        <g transform={`translate(${x} ${y}) rotate(${turnDegrees}) scale(${scale})`}>
          <path
            d={meltOutline(melt)}
            fill={`url(#${ids.molten})`}
            stroke="var(--melt-edge)"
            strokeWidth={1.6 / scale}
          />
          {[Math.exp(-spread), Math.exp(spread)].map((by) => (
            <path
              key={by}
              d={meltOutline({ ...melt, depthMm: depthMm * by })}
              fill="none"
              stroke="var(--color-base-content)"
              strokeWidth={1.2 / scale}
              strokeDasharray={`${5 / scale} ${4 / scale}`}
            />
          ))}
        </g>
      </g>
    </>
  );
}

/** The gap of a corner, which the melt closes: drawn as part of what it may fill. */
function gapStrips({ job }: DialOutcome): readonly PolygonMm[] {
  const seam = seamOf(job.joint);
  const [first, second, gap] = [seam.firstThickness, seam.secondThickness, seam.gap].map(inMm) as [
    number,
    number,
    number,
  ];
  const box = (left: number, bottom: number, right: number, top: number): PolygonMm => [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ];
  switch (seam.kind) {
    case 'outsideCorner':
      return [box(-gap, -gap, 0, first), box(-gap, -gap, second, 0)];
    case 'tee':
    case 'insideCorner':
    case 'tubeToPlate':
      return [box(-second, 0, 0, gap)];
    case 'butt':
    case 'tubeButt':
    case 'lap':
    case 'edge':
    case 'flareGroove':
    case 'plug':
      return [];
  }
}
