import {
  advancePerCycle,
  energyMapInto,
  inMm,
  metre,
  seamStitches,
  sweepsOverOnePlace,
  watt,
  type MapGrid,
} from '@lone-heron/core';
import { useEffect, useId, useRef } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { figure } from '../../shared/figures/figures.js';
import { lengthFigure, travelFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { pathInWords } from './pathInWords.js';
import { seamPath } from './seamPath.js';

const unmeasured = { width: 470, height: 180 };

/** The seam from above, larger: path, pulses, stitches, and where the light falls. */
export default function FromAboveView({ outcome }: { dial: Dial; outcome: DialOutcome }) {
  return (
    <div className="grid min-h-0 grow grid-rows-[1fr_auto] gap-1">
      <PathDrawing outcome={outcome} />
      <div className="grid grid-cols-[9rem_1fr] gap-3">
        <EnergyMap outcome={outcome} />
        <PathFacts outcome={outcome} />
      </div>
    </div>
  );
}

function PathDrawing({ outcome }: { outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const page = useBoxSize(frame, unmeasured);
  const titleId = useId();
  const { forecast, said } = outcome;
  const widthMm = inMm(forecast.prediction.width);
  const scale = (page.height * 0.62) / widthMm;
  const middle = page.height * 0.42;
  return (
    <div ref={frame} className="relative min-h-36">
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="absolute inset-0 size-full"
        role="img"
        aria-labelledby={titleId}
      >
        <title id={titleId}>From above: {pathInWords(outcome)}</title>
        <rect
          x="0"
          y={middle - (widthMm * scale) / 2}
          width={page.width}
          height={widthMm * scale}
          fill="var(--steel)"
          opacity="0.6"
        />
        {said.pulses !== null && <PulseBands outcome={outcome} page={page} scale={scale} middle={middle} />}
        <path d={`M0 ${middle}H${page.width}`} stroke="var(--steel-line)" strokeDasharray="8 6" />
        <path
          d={seamPath(outcome, page.width / scale, scale, middle)}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth={1.4}
          strokeLinejoin="round"
        />
        <SeamRun outcome={outcome} page={page} />
      </svg>
    </div>
  );
}

interface PlacedProps {
  outcome: DialOutcome;
  page: { width: number; height: number };
}

/** Where the light is on: the path is swept on while it is off. */
function PulseBands({ outcome, page, scale, middle }: PlacedProps & { scale: number; middle: number }) {
  const { pulses } = outcome.said;
  if (pulses === null) return null;
  const mmPerMs = outcome.forecast.travel;
  const pitch = (pulses.onMs + pulses.offMs) * mmPerMs * scale;
  const on = pulses.onMs * mmPerMs * scale;
  const height = inMm(outcome.forecast.prediction.width) * scale;
  const count = Math.min(Math.ceil(page.width / pitch), 400);
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <rect
          key={i}
          x={i * pitch}
          y={middle - height / 2}
          width={on}
          height={height}
          fill="var(--melt)"
          opacity="0.45"
        />
      ))}
    </>
  );
}

const shownSeam = metre(0.3);

/** 300 mm of the seam in small: in one run, or its stitches on one side or both. */
function SeamRun({ outcome, page }: PlacedProps) {
  const { conditions, said, house } = outcome;
  const sides = said.joint.sides ?? 1;
  const y = page.height - 30;
  const perMm = (page.width - 8) / inMm(shownSeam);
  return (
    <g>
      <text x={4} y={y - 10} className="fill-soft text-[14px]">
        {lengthFigure(inMm(shownSeam), house.units)} of the seam{sides === 2 ? ', both sides' : ''}
      </text>
      <path d={`M4 ${y + 8}H${page.width - 4}`} stroke="var(--steel-line)" />
      {seamStitches(conditions.run, shownSeam, sides).map(({ side, from, to }) => (
        <rect
          key={`${side}-${from}`}
          x={4 + inMm(from) * perMm}
          y={side === 1 ? y - 1 : y + 9}
          width={inMm(metre(to - from)) * perMm}
          height={8}
          rx={3}
          fill="var(--melt)"
          stroke="var(--melt-edge)"
        />
      ))}
    </g>
  );
}

const mapSize = { columns: 96, rows: 64 };

/** Light averaged over whole cycles around the gun, from the beam's own path. */
function EnergyMap({ outcome }: { outcome: DialOutcome }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { setting, job } = outcome;
  const { wobble, power, duty } = setting;
  useEffect(() => {
    const ink = canvas.current?.getContext('2d');
    if (ink === null || ink === undefined) return;
    const across = (wobble.shape === 'none' ? 0 : wobble.width) + 3 * job.machine.spot;
    const step = across / mapSize.rows;
    const grid: MapGrid = {
      left: (-step * (mapSize.columns - 1)) / 2,
      bottom: (-step * (mapSize.rows - 1)) / 2,
      step,
      ...mapSize,
    };
    const into = new Float64Array(mapSize.rows * mapSize.columns);
    energyMapInto({ wobble, spot: job.machine.spot, power: watt(power * duty), grid }, into);
    ink.putImageData(heatPicture(into), 0, 0);
  }, [wobble, power, duty, job]);
  return (
    <figure className="flex flex-col gap-0.5">
      <canvas
        ref={canvas}
        {...{ width: mapSize.columns, height: mapSize.rows }}
        className="w-full rounded-sm border border-base-300"
        role="img"
        aria-label="Where the light falls around the gun, averaged over a sweep: most where the beam turns slowest"
      />
      <figcaption className="text-xs text-soft">where the light falls</figcaption>
    </figure>
  );
}

/** From the sheet's grey over amber to pale, by the root of the intensity so that the faint is seen too. */
function heatPicture(intensity: Float64Array): ImageData {
  const most = Math.max(...intensity);
  const picture = new ImageData(mapSize.columns, mapSize.rows);
  const stops = [
    [58, 76, 86],
    [191, 63, 39],
    [232, 137, 43],
    [255, 236, 190],
  ] as const;
  intensity.forEach((value, i) => {
    const place = Math.sqrt(value / most) * (stops.length - 1);
    const low = stops[Math.floor(place)] ?? stops[0];
    const high = stops[Math.ceil(place)] ?? stops[3];
    for (let c = 0; c < 3; c++) {
      picture.data[4 * i + c] = (low[c] ?? 0) + ((high[c] ?? 0) - (low[c] ?? 0)) * (place % 1);
    }
    picture.data[4 * i + 3] = 255;
  });
  return picture;
}

/** The same in words and figures. */
function PathFacts({ outcome }: { outcome: DialOutcome }) {
  const { setting, forecast, job, said, house } = outcome;
  const advance = advancePerCycle(setting.wobble, forecast.travel);
  const sweeps = sweepsOverOnePlace(setting.wobble, forecast.travel, job.machine.spot);
  const facts: [string, string][] = [
    ['Travel', travelFigure(forecast.travel * 1000, house.units)],
    ['Spot', lengthFigure(inMm(job.machine.spot), house.units)],
  ];
  if (advance !== null) facts.push(['Forward a cycle', lengthFigure(inMm(advance), house.units)]);
  if (sweeps !== null) facts.push(['Sweeps over one place', figure(sweeps, 1)]);
  if (said.pulses !== null) {
    const ripple = forecast.travel * (said.pulses.onMs + said.pulses.offMs);
    facts.push(['Ripple', lengthFigure(ripple, house.units)]);
  }
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-3 self-center text-[0.95rem]">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className="figure text-right">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
