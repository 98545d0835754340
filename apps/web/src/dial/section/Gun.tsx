import { inMm, type PointMm } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';
import type { SectionView } from './sectionView.js';

const nozzleMouth = { px: 26, length: 30, wide: 54 };

/** Where the beam comes from: its line on the aim point, the nozzle's mouth, and the wire to scale in front of it. */
export function Gun({ view, outcome }: { view: SectionView; outcome: DialOutcome }) {
  const { companions, setting } = outcome;
  const aimMm = inMm(companions.aim.offset);
  const [x, y] = view.toPage(view.inMelt(aimMm, 0));
  const { pace } = setting;
  const wire = pace.by === 'wire' ? inMm(pace.diameter) * view.scale : 0;
  const clear = 0.12 * view.widthMm * view.scale;
  // The wire lies on the first sheet beside the melt, to scale, where it hides nothing.
  const wireAt: PointMm = [-(view.widthMm / 2) * view.scale - wire / 2 - 10, -wire / 2];
  const { px, length, wide } = nozzleMouth;
  const foot = -clear - 16;
  return (
    <g transform={`translate(${x} ${y}) rotate(${view.turnDegrees})`} aria-hidden="true">
      <path d={`M0 0V${foot - length}`} stroke="var(--ember)" strokeWidth={1.4} strokeDasharray="6 3" />
      <path d="M-5 -5L0 0L5 -5" fill="none" stroke="var(--ember)" strokeWidth={1.4} />
      <path
        d={`M${-px / 2} ${foot}h${px}L${wide / 2} ${foot - length}h${-wide}Z`}
        fill="var(--color-base-200)"
        fillOpacity={0.7}
        stroke="var(--steel-line)"
      />
      {wire > 0 && (
        <>
          <circle
            cx={wireAt[0]}
            cy={wireAt[1]}
            r={wire / 2}
            fill="var(--steel)"
            stroke="var(--color-base-content)"
          />
          {wire > 40 && (
            <text x={wireAt[0]} y={wireAt[1] + 5} textAnchor="middle" className="fill-soft text-[13px]">
              wire
            </text>
          )}
        </>
      )}
    </g>
  );
}
