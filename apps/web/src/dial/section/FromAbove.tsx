import { inMm } from '@lone-heron/core';
import { useId, useRef } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import type { DialOutcome } from '../dialOutcome.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { snapped, turnedBy } from '../../shared/panel/typedKnob.js';
import type { Dial } from '../useDial.js';
import { DragHandle } from './DragHandle.js';
import { pathInWords } from './pathInWords.js';
import { seamPath } from './seamPath.js';

const height = 62;

/** Pixels that the end of the path is drawn for half as much pace again. */
const halfAgain = 150;

/** The seam from above: the beam's true path at this travel, as wide as the bead; its end draws the pace. */
export default function FromAbove({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useBoxSize(frame, { width: 470, height });
  const page = { width, height };
  const titleId = useId();
  const { forecast, job } = outcome;
  const widthMm = inMm(forecast.prediction.width);
  const scale = (page.height - 8) / widthMm;
  const end = page.width - 26;
  const words = pathInWords(outcome);
  const middle = 4 + (widthMm * scale) / 2;
  return (
    <div ref={frame} className="w-full">
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="w-full"
        role="group"
        aria-labelledby={titleId}
      >
        <title id={titleId}>From above: {words}</title>
        <rect x="0" y="4" width={end} height={widthMm * scale} fill="var(--steel)" opacity="0.6" />
        <path d={`M0 ${middle}H${page.width}`} stroke="var(--steel-line)" strokeDasharray="8 6" />
        <path
          d={seamPath(outcome, end / scale, scale, middle)}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth={1.2}
          strokeLinejoin="round"
        />
        <circle
          cx={end}
          cy={middle}
          r={(inMm(job.machine.spot) * scale) / 2}
          fill="var(--melt)"
          stroke="var(--melt-edge)"
        />
        <PaceGrip dial={dial} outcome={outcome} x={end} y={middle} />
      </svg>
      <p className="px-1 text-[0.9rem] leading-snug text-soft">from above: {words}</p>
    </div>
  );
}

/** The grip at the path's end: to the right for a quicker pace, by the wire where it sets the pace. */
function PaceGrip({ dial, outcome, x, y }: { dial: Dial; outcome: DialOutcome; x: number; y: number }) {
  const rows = panelRows(outcome.said.machine.profile, outcome.setting, outcome.house.units);
  const row = rows.find(({ knob }) => knob === 'travel' || knob === 'wireSpeed');
  const start = useRef(row?.value ?? 0);
  if (row === undefined || outcome.job.joint.kind === 'tack') return null;
  return (
    <g data-no-export="">
      <DragHandle
        at={[x, y]}
        along={[1, 0]}
        name={row.knob === 'travel' ? 'Travel, by the end of the path' : 'Wire, by the end of the path'}
        value={row.value}
        least={row.least}
        most={row.most}
        valueText={`${panelFigure(row, row.value)} ${row.scale.unit}`}
        onTake={() => (start.current = row.value)}
        onDrag={(px) => dial.turn(row.knob, snapped(start.current * (1 + (0.5 * px) / halfAgain), row))}
        onStep={(steps) => dial.turn(row.knob, turnedBy(steps, row))}
      />
    </g>
  );
}
