import {
  inMm,
  metre,
  type MendedEnds,
  type SeamEnds,
  type SettingCompanions,
  type WeldHeatInput,
} from '@lone-heron/core';
import { useMemo, useRef } from 'react';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { figure } from '../../shared/figures/figures.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { useWorked } from '../../shared/worker/useWorked.js';
import type { EndsTask } from './endsWorker.js';
import { UnderWay } from '../../shared/worker/UnderWay.js';

const start = () => new Worker(new URL('./endsWorker.ts', import.meta.url), { type: 'module' });

/** How a seam begins and ends with the ramps that are set, and what mends it. */
export default function EndsPanel({
  task,
  companions,
  hasWire,
}: {
  task: WeldHeatInput;
  companions: SettingCompanions;
  hasWire: boolean;
}) {
  const [rampUp, rampDown] = [companions.rampUp.value, companions.rampDown.value];
  const ends = useMemo(
    (): EndsTask => ({ input: task, setting: { dwell: 0, rampUp, rampDown } }),
    [task, rampUp, rampDown],
  );
  const worked = useWorked<EndsTask, MendedEnds>(ends, start);
  const isOld = worked.done !== null || worked.fault !== null;
  return (
    <>
      {worked.shown !== null && <EndsShown ends={worked.shown.answer} isOld={isOld} hasWire={hasWire} />}
      <UnderWay worked={worked} what="start and end" />
    </>
  );
}

const unmeasured = { width: 424, height: 130 };

function EndsShown({ ends, isOld, hasWire }: { ends: MendedEnds; isOld: boolean; hasWire: boolean }) {
  const box = useRef<HTMLDivElement>(null);
  const page = useBoxSize(box, unmeasured);
  if (!ends.isKnown)
    return (
      <p className="leading-snug">
        Of this seam’s ends nothing can be said: the picture takes heat as even through the thickness, and
        this one hardly melts that way. Weld a short coupon and look at its first and last millimetres.
      </p>
    );
  const mended = { start: ends.start?.ends, end: ends.end?.ends };
  return (
    <div className={`flex min-h-0 grow flex-col gap-2 overflow-y-auto ${isOld ? 'opacity-60' : ''}`}>
      <div ref={box} className="relative min-h-24 grow">
        <svg
          viewBox={`0 0 ${page.width} ${page.height}`}
          className="absolute inset-0 size-full"
          role="img"
          aria-label={drawingWords(ends)}
        >
          <rect y={8} width={page.width} height={page.height - 30} fill="var(--steel)" rx={4} />
          <path
            d={beadPath(ends.asSet, page, 'both')}
            fill="var(--melt)"
            stroke="var(--melt-edge)"
            strokeWidth={1.5}
          />
          {mended.start !== undefined && <MendedLine path={beadPath(mended.start, page, 'start')} />}
          {mended.end !== undefined && <MendedLine path={beadPath(mended.end, page, 'end')} />}
          <text x={4} y={page.height - 6} className="fill-soft text-[14px]">
            start
          </text>
          <text x={page.width / 2} y={page.height - 6} textAnchor="middle" className="fill-soft text-[14px]">
            {spokenLength(inMm(metre(ends.asSet.length)))}, drawn wider than it is
          </text>
          <text x={page.width - 4} y={page.height - 6} textAnchor="end" className="fill-soft text-[14px]">
            end
          </text>
        </svg>
      </div>
      <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 leading-snug">
        <dt className="font-semibold">Start</dt>
        <dd>
          {startWords(ends)}
          {hasWire &&
            ends.start !== null &&
            ' Let the wire start as much later (the feeder’s start delay), or it piles up.'}
        </dd>
        <dt className="font-semibold">End</dt>
        <dd>{endWords(ends)}</dd>
      </dl>
      <p className="text-sm leading-snug text-soft">
        From edge to edge of a cold sheet. Broken line: with what mends it. Try it on scrap; a dwell too long
        burns through.
      </p>
    </div>
  );
}

function MendedLine({ path }: { path: string }) {
  return (
    <path d={path} fill="none" stroke="var(--color-base-content)" strokeWidth={2} strokeDasharray="6 4" />
  );
}

/** The outline of the melted width along the seam, its middle a third of the drawing's height. */
function beadPath(
  { places, width, length }: SeamEnds,
  page: typeof unmeasured,
  half: 'both' | 'start' | 'end',
): string {
  const middle = 8 + (page.height - 30) / 2;
  const perWidth = (page.height - 30) / 3;
  const inHalf = Array.from(places, (place, i) => ({
    x: (place / length) * page.width,
    up: ((width[i] ?? 0) * perWidth) / 2,
  })).filter((_, i) => half === 'both' || (half === 'start') === i < places.length / 2);
  const limit = (page.height - 32) / 2;
  const edge = (sign: 1 | -1) =>
    inHalf.map(({ x, up }) => `${figure(x, 1)} ${figure(middle - sign * Math.min(up, limit), 1)}`);
  return `M${[...edge(1), ...edge(-1).reverse()].join('L')}Z`;
}

const length = (metres: number) => spokenLength(Math.max(0.5, Math.round(metres * 2000) / 2));

function startWords({ asSet, setting, start, isColdStart }: MendedEnds): string {
  if (!isColdStart) return 'full from the start.';
  const ramp = setting.rampUp > 0 ? ` with its ramp of ${figure(setting.rampUp * 1000, 0)} ms` : '';
  const cold = `the first ${length(asSet.coldFor)} stay narrow or cold${ramp}.`;
  return start === null
    ? `${cold} No dwell mends that without melting too wide: start on a run-on piece, or begin where it is cut off.`
    : `${cold} Stand still for ${figure(start.dwell, 2)} s with the light on, then move: full from the start.`;
}

function endWords({ asSet, end, isHotEnd }: MendedEnds): string {
  if (!isHotEnd) {
    const fades =
      asSet.fadesFor > 0.5e-3
        ? ` The ramp leaves the last ${length(asSet.fadesFor)} narrower: go on past the end, or lap the start.`
        : '';
    return `does not run hot.${fades}`;
  }
  const hot = `the last ${length(asSet.hotFor)} run hot, up to ${figure(asSet.widestAtEnd, 1)} times as wide: heat has nowhere to go there.`;
  return end === null
    ? `${hot} No ramp holds that: end on a run-off piece, or weld the end first.`
    : `${hot} Let the power fall over the last ${figure(end.rampDown, 2)} s; it then fades over ${length(end.ends.fadesFor)}.`;
}

function drawingWords(ends: MendedEnds): string {
  return `The melt from above along a seam. Start: ${startWords(ends)} End: ${endWords(ends)}`;
}
