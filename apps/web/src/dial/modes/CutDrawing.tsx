import { inMm } from '@lone-heron/core';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { DimensionLine } from '../section/DimensionLine.js';
import { DrawingFrame, type DrawingProps } from './DrawingFrame.js';

/** A cut from its end, to scale: nozzle, kerf, what hangs below, the light behind; and the pace against where it is lost. */
export default function CutDrawing({ answer, figures }: DrawingProps<'cut'>) {
  const label = `Kerf of about ${spokenLength(inMm(figures.kerf))} through ${spokenLength(answer.work.thicknessMm)}; lost from about ${spokenTravel(figures.limit.middle * 1000)}`;
  return (
    <DrawingFrame label={label}>
      {(page) => <CutSection answer={answer} figures={figures} page={page} />}
    </DrawingFrame>
  );
}

const scaleHeight = 84;

function CutSection({ answer, figures, page }: DrawingProps<'cut'> & { page: BoxSize }) {
  const { work, setting, odds } = answer;
  const kerfMm = inMm(figures.kerf);
  const room = page.height - scaleHeight;
  // Nozzle, gap and sheet in the upper part, as much again below for what falls.
  const scale = Math.min(
    (room * 0.72) / (work.thicknessMm + setting.standoffMm + 2.2),
    page.width / (work.boreMm * 7),
  );
  const middle = page.width / 2;
  const face = 14 + (2.2 + setting.standoffMm) * scale;
  const back = face + work.thicknessMm * scale;
  const half = Math.max((kerfMm * scale) / 2, 1.5);
  const bore = (work.boreMm * scale) / 2;
  const tip = face - setting.standoffMm * scale;
  const focus = face + setting.focusMm * scale;
  const beard = (odds.beard + odds.weldedShut) * Math.min(0.6 * scale, 26);
  const sheet = (left: number, right: number) => (
    <rect
      x={left}
      y={face}
      width={right - left}
      height={back - face}
      fill="var(--steel)"
      stroke="var(--steel-line)"
    />
  );
  return (
    <g>
      {sheet(12, middle - half)}
      {sheet(middle + half, page.width - 12)}
      <path
        d={`M${middle - bore} 8L${middle - half} ${focus}L${middle - half * 3} ${room - 4}H${middle + half * 3}L${middle + half} ${focus}L${middle + bore} 8z`}
        fill="var(--melt)"
        opacity={0.28}
      />
      {[-1, 1].map((side) => (
        <g key={side}>
          <path
            d={`M${middle + side * bore} ${tip}V8H${middle + side * bore * 3.2}L${middle + side * bore * 2} ${tip}z`}
            fill="var(--color-base-300)"
            stroke="var(--steel-line)"
          />
          <path
            d={`M${middle + side * half} ${face}V${back}q${side * beard * 0.3} ${beard} ${side * Math.min(beard, 14)} 0V${back}h${-side * 2}V${face}z`}
            fill="var(--melt)"
            stroke="var(--melt-edge)"
          />
        </g>
      ))}
      <path
        d={`M${middle - bore * 1.6} ${focus}H${middle + bore * 1.6}`}
        stroke="var(--melt-edge)"
        strokeDasharray="4 4"
      />
      <DimensionLine from={[14, back]} to={[14, face]} beside={-14} label={spokenLength(work.thicknessMm)} />
      <text
        x={middle + half + 10}
        y={(face + back) / 2 + 5}
        className="measure-words fill-base-content text-[15px] font-semibold"
      >
        kerf {spokenLength(kerfMm)}
      </text>
      <text x={16} y={room - 26} className="measure-words fill-soft text-[14px]">
        bore {spokenLength(work.boreMm)}
      </text>
      <text x={16} y={room - 8} className="measure-words fill-soft text-[14px]">
        {spokenLength(setting.standoffMm)} off the face
      </text>
      <text x={middle + half * 3 + 10} y={room - 8} className="measure-words fill-soft text-[14px]">
        light goes on behind
      </text>
      <PaceScale answer={answer} figures={figures} page={{ y: room + 4, width: page.width }} />
    </g>
  );
}

/** The pace of the hand against where the cut is believed to be lost. */
function PaceScale({
  answer: { setting },
  figures: { limit },
  page: { y, width },
}: DrawingProps<'cut'> & { page: { readonly y: number; readonly width: number } }) {
  const [low, high] = [limit.low * 1000, limit.high * 1000];
  const most = Math.max(high, setting.paceMmS) * 1.15;
  const at = (mmS: number) => 20 + (mmS / most) * (width - 40);
  return (
    <g>
      <text x={20} y={y + 10} className="fill-base-content text-[15px] font-semibold">
        Pace {spokenTravel(setting.paceMmS)}
      </text>
      <rect x={20} y={y + 20} width={width - 40} height={18} fill="var(--color-base-200)" />
      <rect x={20} y={y + 20} width={at(low) - 20} height={18} fill="var(--full)" opacity={0.45} />
      <rect x={at(low)} y={y + 20} width={at(high) - at(low)} height={18} fill="var(--hot)" opacity={0.6} />
      <rect
        x={at(high)}
        y={y + 20}
        width={at(most) - at(high)}
        height={18}
        fill="var(--hole)"
        opacity={0.6}
      />
      <path d={`M${at(setting.paceMmS)} ${y + 15}v28`} stroke="var(--color-base-content)" strokeWidth={3} />
      <text x={20} y={y + 62} className="fill-soft text-[14px]">
        <tspan fill="var(--hot)">■</tspan> it is lost somewhere from {spokenTravel(low)} to{' '}
        {spokenTravel(high)}
      </text>
    </g>
  );
}
