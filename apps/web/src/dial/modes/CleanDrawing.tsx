import { coatTable } from '@lone-heron/core';
import { figure } from '../../shared/figures/figures.js';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { DrawingFrame, type DrawingProps } from './DrawingFrame.js';

/** Rows that are drawn one by one, the last that were swept; what lies behind them is bare. */
const shownRows = 14;
/** Rows closer than this on the page cannot be told apart. */
const leastPitch = 3;
/** A face from above as the light goes over it, and below it where the light of a sweep lies between coat and mark. */
export default function CleanDrawing({ answer, figures }: DrawingProps<'clean'>) {
  return (
    <DrawingFrame label={inWords(answer, figures.fluence)}>
      {(page) => <Face answer={answer} figures={figures} page={page} />}
    </DrawingFrame>
  );
}

function Face({ answer, figures, page }: DrawingProps<'clean'> & { page: BoxSize }) {
  const { work, setting, shop } = answer;
  const spotMm = shop.machine.profile.cleaning?.spotMm ?? 0.5;
  const top = Math.max(page.height - 128, 80);
  // A length of the face as long as the page is wide for its height.
  const across = Math.max(work.widthMm, setting.widthMm) * 1.25;
  const scale = Math.min((top - 30) / across, (page.width - 40) / Math.min(work.lengthMm, across * 2.2));
  const shownMm = Math.min(work.lengthMm, (page.width - 40) / scale);
  const middle = top / 2 + 4;
  const half = (work.widthMm * scale) / 2;
  const sweep = (setting.widthMm * scale) / 2;
  const done = shownMm * scale * 0.55;
  return (
    <g>
      <rect x={20} y={8} width={shownMm * scale} height={top - 8} fill="var(--steel)" />
      <rect
        x={20}
        y={middle - half}
        width={shownMm * scale}
        height={2 * half}
        fill="var(--straw)"
        opacity={0.75}
      />
      <rect x={20} y={middle - half} width={done} height={2 * half} fill="var(--color-base-100)" />
      <path
        d={sweepPath(setting, { to: 20 + done, middle, half: sweep, scale })}
        fill="none"
        stroke="var(--melt-edge)"
        strokeWidth={Math.min(Math.max(spotMm * scale, 0.7), 2)}
        opacity={0.8}
      />
      <circle
        cx={20 + done}
        cy={middle - sweep * 0.4}
        r={Math.max((spotMm * scale) / 2, 3)}
        fill="var(--melt)"
      />
      <Measure x={20 + shownMm * scale + 6} from={middle - half} to={middle + half}>
        {spokenLength(work.widthMm)}
      </Measure>
      <text x={24} y={top - 6} className="measure-words fill-soft text-[14px]">
        swept {spokenLength(setting.widthMm)} wide, spot {spokenLength(spotMm)}
      </text>
      <FluenceScale
        coat={coatTable[work.coat].said}
        figures={figures}
        page={{ y: top + 16, width: page.width }}
      />
    </g>
  );
}

interface SweepFrame {
  readonly to: number;
  readonly middle: number;
  readonly half: number;
  readonly scale: number;
}

/** The way of the spot over its last rows: as far apart as they are, or as can be told apart. */
function sweepPath(
  { shape, paceMmS, rateHz }: DrawingProps<'clean'>['answer']['setting'],
  { to, middle, half, scale }: SweepFrame,
): string {
  const pitch = Math.max((paceMmS / rateHz) * scale, leastPitch);
  const from = to - shownRows * pitch;
  const points = Array.from({ length: shownRows * (shape === 'line' ? 2 : 16) + 1 }, (_, i) => {
    if (shape === 'line') return [from + (i * pitch) / 2, middle + (i % 2 === 0 ? -half : half)] as const;
    const turn = (i / 16) * 2 * Math.PI;
    const round = half * Math.cos(turn) * 0.3 - half * 0.3;
    return [from + (i / 16) * pitch + round, middle + half * Math.sin(turn)] as const;
  });
  return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
}

function Measure({ x, from, to, children }: { x: number; from: number; to: number; children: string }) {
  return (
    <g>
      <path
        d={`M${x} ${from}V${to}M${x - 4} ${from}h8M${x - 4} ${to}h8`}
        stroke="var(--color-base-content)"
        fill="none"
      />
      <text
        x={x - 8}
        y={(from + to) / 2 + 5}
        textAnchor="end"
        className="measure-words fill-base-content text-[15px] font-semibold"
      >
        {children}
      </text>
    </g>
  );
}

/** Light of a sweep against where the coat comes off and where the metal is marked, each with its band of doubt. */
function FluenceScale({
  coat,
  figures: { fluence, zones },
  page: { y, width },
}: {
  coat: string;
  figures: DrawingProps<'clean'>['figures'];
  page: { readonly y: number; readonly width: number };
}) {
  const [low, high] = [
    Math.log(Math.min(zones.coat.low, fluence) / 1.6),
    Math.log(Math.max(zones.mark.high, fluence) * 1.6),
  ];
  const at = (value: number) => 20 + ((Math.log(value) - low) / (high - low)) * (width - 40);
  const words = (value: number) => figure(value / 1e4, value < 1e5 ? 1 : 0);
  return (
    <g>
      <text x={20} y={y + 2} className="fill-base-content text-[15px] font-semibold">
        Light in a sweep, J/cm²
      </text>
      <rect x={20} y={y + 14} width={width - 40} height={20} fill="var(--color-base-200)" />
      <rect
        x={at(zones.coat.low)}
        y={y + 14}
        width={at(zones.coat.high) - at(zones.coat.low)}
        height={20}
        fill="var(--straw)"
        opacity={0.8}
      />
      <rect
        x={at(zones.mark.low)}
        y={y + 14}
        width={at(zones.mark.high) - at(zones.mark.low)}
        height={20}
        fill="var(--hole)"
        opacity={0.55}
      />
      <path d={`M${at(fluence)} ${y + 8}v32`} stroke="var(--color-base-content)" strokeWidth={3} />
      <text
        x={Math.min(Math.max(at(fluence), 60), width - 60)}
        y={y + 58}
        textAnchor="middle"
        className="fill-base-content text-[16px] font-semibold"
      >
        {words(fluence)}
      </text>
      <text x={20} y={y + 82} className="fill-soft text-[14px]">
        <tspan fill="var(--straw)">■</tspan> {coat} goes from {words(zones.coat.low)} to{' '}
        {words(zones.coat.high)}
      </text>
      <text x={20} y={y + 101} className="fill-soft text-[14px]">
        <tspan fill="var(--hole)">■</tspan> metal is marked from {words(zones.mark.low)} to{' '}
        {words(zones.mark.high)}
      </text>
    </g>
  );
}

function inWords({ work, setting }: DrawingProps<'clean'>['answer'], fluence: number): string {
  return `A face of ${spokenLength(work.widthMm)} from above, swept ${spokenLength(setting.widthMm)} wide; ${figure(fluence / 1e4, 1)} J/cm² in a sweep`;
}
