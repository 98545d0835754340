import { advancePerCycle, inMm, inMmPerSecond, sweepsOverOnePlace, wobblePathInto } from '@lone-heron/core';
import { useId, useRef } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { figure } from '../../shared/words/figures.js';
import type { DialOutcome } from '../dialOutcome.js';

const height = 62;

/** Enough points a cycle for a smooth line, and no closer than the eye can tell apart. */
const pointsPerCycle = { least: 6, most: 16 };
const leastPointGap = 0.8;
const mostCycles = 300;

/** The seam from above: the beam's true path at this travel, as wide as the bead. */
export function FromAbove({ outcome }: { outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const { width } = useBoxSize(frame, { width: 470, height });
  const page = { width, height };
  const titleId = useId();
  const { forecast, job } = outcome;
  const widthMm = inMm(forecast.prediction.width);
  const scale = (page.height - 8) / widthMm;
  const seamMm = page.width / scale;
  const words = pathInWords(outcome);
  const middle = 4 + (widthMm * scale) / 2;
  return (
    <div ref={frame} className="w-full">
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="w-full"
        role="img"
        aria-labelledby={titleId}
      >
        <title id={titleId}>From above: {words}</title>
        <rect x="0" y="4" width={page.width} height={widthMm * scale} fill="var(--steel)" opacity="0.6" />
        <path d={`M0 ${middle}H${page.width}`} stroke="var(--steel-line)" strokeDasharray="8 6" />
        <path
          d={pathLine(outcome, seamMm, scale, middle)}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth={1.2}
          strokeLinejoin="round"
        />
        <circle
          cx={page.width - inMm(job.machine.spot) * scale}
          cy={middle}
          r={(inMm(job.machine.spot) * scale) / 2}
          fill="var(--melt)"
          stroke="var(--melt-edge)"
        />
      </svg>
      <p className="px-1 text-[0.9rem] leading-snug text-soft">from above: {words}</p>
    </div>
  );
}

/** The traced path over the seam that the picture shows, thinned to what the eye can tell apart. */
function pathLine({ setting, forecast }: DialOutcome, seamMm: number, scale: number, middle: number): string {
  const { wobble } = setting;
  const seconds = seamMm / inMmPerSecond(forecast.travel);
  const cycles = wobble.shape === 'none' ? 1 : Math.min(seconds * wobble.frequency, mostCycles);
  const shown = wobble.shape === 'none' ? seconds : cycles / wobble.frequency;
  const points = Math.ceil(cycles * pointsFor(cycles, seamMm * scale)) + 2;
  const path = wobblePathInto(wobble, forecast.travel, shown, new Float64Array(2 * points));
  const parts: string[] = [];
  for (let i = 0; i < points; i++) {
    parts.push(`${tenths(inUnits(path[2 * i], scale))} ${tenths(middle + inUnits(path[2 * i + 1], scale))}`);
  }
  return `M${parts.join('L')}`;
}

function pointsFor(cycles: number, shownPx: number): number {
  const fitting = Math.round(shownPx / cycles / leastPointGap);
  return Math.min(Math.max(fitting, pointsPerCycle.least), pointsPerCycle.most);
}

/** A length of the path, in m, in the picture's units. */
function inUnits(length: number | undefined, scale: number): number {
  return (length ?? 0) * 1000 * scale;
}

/** Rounded to a tenth: much quicker than a text with fixed decimals, several thousand times a turn. */
function tenths(value: number): number {
  return Math.round(value * 10) / 10;
}

function pathInWords({ setting, forecast, job }: DialOutcome): string {
  const advance = advancePerCycle(setting.wobble, forecast.travel);
  const sweeps = sweepsOverOnePlace(setting.wobble, forecast.travel, job.machine.spot);
  if (advance === null || sweeps === null)
    return `a straight line, spot ${figure(inMm(job.machine.spot), 2)} mm`;
  const verdict = sweeps >= 1 ? 'sweeps overlap' : 'sweeps lie apart';
  return `${figure(inMm(advance), 2)} mm forward a cycle, spot ${figure(inMm(job.machine.spot), 2)} mm: ${verdict}`;
}
