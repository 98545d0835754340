import { inMm } from '@lone-heron/core';
import { useId, useRef } from 'react';
import { meltOutline, rootHalfWidth, type MeltShape } from '../../shared/drawing/meltOutline.js';
import { useBoxSize, type BoxSize } from '../../shared/drawing/useBoxSize.js';
import { figure, mmFigure } from '../../shared/words/figures.js';
import type { DialOutcome } from '../dialOutcome.js';

/** The drawing's page in CSS pixels, so that its words are as large on a phone as on a desk. */
interface Page extends BoxSize {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

const margins = { left: 42, right: 116, top: 50, bottom: 44 };
const unmeasured: BoxSize = { width: 470, height: 260 };

/** The section to scale: sheets, gap, melt with its band of doubt, and its measures. */
export function SectionDrawing({ outcome }: { outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const page: Page = { ...useBoxSize(frame, unmeasured), ...margins };
  const ids = { title: useId(), hatch: useId(), molten: useId() };
  const { joint } = outcome.said;
  const { prediction, spread } = outcome.forecast;
  const thicknessMm = Math.min(joint.firstThicknessMm, joint.secondThicknessMm);
  const melt: MeltShape = { widthMm: inMm(prediction.width), depthMm: inMm(prediction.depth), thicknessMm };
  const shallow: MeltShape = { ...melt, depthMm: melt.depthMm * Math.exp(-spread) };
  const deep: MeltShape = { ...melt, depthMm: melt.depthMm * Math.exp(spread) };
  const scale = pageScale(page, melt, Math.max(joint.firstThicknessMm, joint.secondThicknessMm));
  const middle = page.left + (page.width - page.left - page.right) / 2;
  return (
    <div ref={frame} className="relative min-h-56 w-full grow">
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="absolute inset-0 size-full"
        role="img"
        aria-labelledby={ids.title}
      >
        <title id={ids.title}>{sectionInWords(outcome)}</title>
        <defs>
          <pattern
            id={ids.hatch}
            width="9"
            height="9"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="9" height="9" fill="var(--steel)" />
            <path d="M0 0V9" stroke="var(--steel-line)" strokeWidth="0.8" opacity="0.55" />
          </pattern>
          <linearGradient id={ids.molten} x1="0" y1="0" x2="0" y2="1">
            <stop offset="0" stopColor="var(--melt-hot)" />
            <stop offset="1" stopColor="var(--melt)" />
          </linearGradient>
        </defs>
        <Sheets page={page} outcome={outcome} scale={scale} middle={middle} hatch={ids.hatch} />
        <g transform={`translate(${middle} ${page.top}) scale(${scale})`}>
          <path
            d={meltOutline(melt)}
            fill={`url(#${ids.molten})`}
            stroke="var(--melt-edge)"
            strokeWidth={1.6 / scale}
          />
          {[shallow, deep].map((edge) => (
            <path
              key={edge.depthMm}
              d={meltOutline(edge)}
              fill="none"
              stroke="var(--color-base-content)"
              strokeWidth={1.2 / scale}
              strokeDasharray={`${5 / scale} ${4 / scale}`}
            />
          ))}
        </g>
        <WidthMeasure widthMm={melt.widthMm} scale={scale} middle={middle} />
        <DepthMeasure page={page} melt={melt} spread={spread} scale={scale} />
        <ThicknessMeasure page={page} thicknessMm={joint.firstThicknessMm} scale={scale} />
        <ScaleBar page={page} scale={scale} />
        <text x={page.width - 4} y={page.height - 10} textAnchor="end" className="fill-soft text-[15px]">
          {rootWords(melt)}
        </text>
      </svg>
    </div>
  );
}

/** Picture units per mm, so that the sheet and the whole bead have room. */
function pageScale(page: Page, melt: MeltShape, thickerMm: number): number {
  const roomAcross = page.width - page.left - page.right;
  const roomDown = page.height - page.top - page.bottom;
  return Math.min(roomAcross / (melt.widthMm * 1.7), roomDown / (thickerMm * 1.45));
}

interface SheetsProps {
  page: Page;
  outcome: DialOutcome;
  scale: number;
  middle: number;
  hatch: string;
}

function Sheets({ page, outcome, scale, middle, hatch }: SheetsProps) {
  const { firstThicknessMm, secondThicknessMm, gapMm } = outcome.said.joint;
  const halfGap = (gapMm * scale) / 2;
  const style = { fill: `url(#${hatch})`, stroke: 'var(--steel-line)', strokeWidth: 1.2 };
  const right = page.width - page.right;
  return (
    <>
      <rect
        x={page.left}
        y={page.top}
        width={middle - halfGap - page.left}
        height={firstThicknessMm * scale}
        {...style}
      />
      <rect
        x={middle + halfGap}
        y={page.top}
        width={right - middle - halfGap}
        height={secondThicknessMm * scale}
        {...style}
      />
    </>
  );
}

const measure = { stroke: 'var(--color-base-content)', strokeWidth: 1 };

function WidthMeasure({ widthMm, scale, middle }: { widthMm: number; scale: number; middle: number }) {
  const half = (widthMm * scale) / 2;
  const y = 30;
  return (
    <g>
      <path
        d={`M${middle - half} ${y}H${middle + half}M${middle - half} ${y - 6}v12M${middle + half} ${y - 6}v12`}
        {...measure}
      />
      <text x={middle} y={y - 9} textAnchor="middle" className="fill-base-content text-[17px] font-semibold">
        {mmFigure(widthMm)} wide
      </text>
    </g>
  );
}

function DepthMeasure({
  page,
  melt,
  spread,
  scale,
}: {
  page: Page;
  melt: MeltShape;
  spread: number;
  scale: number;
}) {
  const x = page.width - page.right + 16;
  const drawn = Math.min(melt.depthMm, melt.thicknessMm * 1.35);
  const bottom = page.top + drawn * scale;
  const middle = (page.top + bottom) / 2;
  const low = figure(melt.depthMm * Math.exp(-spread), 1);
  const high = figure(melt.depthMm * Math.exp(spread), 1);
  return (
    <g>
      <path d={`M${x} ${page.top}V${bottom}M${x - 6} ${page.top}h12M${x - 6} ${bottom}h12`} {...measure} />
      <text x={x + 12} y={middle - 4} className="fill-base-content text-[19px] font-semibold">
        {mmFigure(melt.depthMm)}
      </text>
      <text x={x + 12} y={middle + 16} className="fill-soft text-[15px]">
        {low} to {high}
      </text>
      <text x={x + 12} y={middle + 35} className="fill-soft text-[15px]">
        deep
      </text>
    </g>
  );
}

function ThicknessMeasure({ page, thicknessMm, scale }: { page: Page; thicknessMm: number; scale: number }) {
  const x = page.left - 14;
  const bottom = page.top + thicknessMm * scale;
  return (
    <g>
      <path d={`M${x} ${page.top}V${bottom}M${x - 5} ${page.top}h10M${x - 5} ${bottom}h10`} {...measure} />
      <text
        x={x - 10}
        y={(page.top + bottom) / 2}
        textAnchor="middle"
        transform={`rotate(-90 ${x - 10} ${(page.top + bottom) / 2})`}
        className="fill-base-content text-[16px]"
      >
        {mmFigure(thicknessMm)}
      </text>
    </g>
  );
}

function ScaleBar({ page, scale }: { page: Page; scale: number }) {
  const length = scale > 160 ? 0.5 : scale > 45 ? 1 : 2;
  const y = page.height - 10;
  return (
    <g>
      <path d={`M14 ${y}h${length * scale}M14 ${y - 4}v8M${14 + length * scale} ${y - 4}v8`} {...measure} />
      <text x={14} y={y - 9} className="fill-soft text-[15px]">
        {length} mm
      </text>
    </g>
  );
}

function rootWords(melt: MeltShape): string {
  const root = 2 * rootHalfWidth(melt);
  if (root === 0) return 'stops short of the back';
  return `behind: a line about ${figure(root, 1)} mm wide`;
}

/** The drawing for those who cannot see it. */
function sectionInWords({ said, forecast }: DialOutcome): string {
  const { firstThicknessMm, secondThicknessMm, gapMm } = said.joint;
  const depth = inMm(forecast.prediction.depth);
  const low = figure(depth * Math.exp(-forecast.spread), 2);
  const high = figure(depth * Math.exp(forecast.spread), 2);
  return (
    `Section to scale: ${mmFigure(firstThicknessMm)} to ${mmFigure(secondThicknessMm)} butt, gap ${mmFigure(gapMm)}. ` +
    `The melt is ${mmFigure(inMm(forecast.prediction.width))} wide and ${mmFigure(depth)} deep, between ${low} and ${high} mm two times in three.`
  );
}
