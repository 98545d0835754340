import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { DimensionLine } from '../section/DimensionLine.js';
import { DrawingFrame, type DrawingProps } from './DrawingFrame.js';

type PulsedMode = 'spot' | 'seam';

/** Spots in section, to scale, one beside the other as the hand goes on: how deep each melts, and where a seam is sealed. */
export default function PulseDrawing({ answer, figures }: DrawingProps<PulsedMode>) {
  const label =
    answer.work.mode === 'spot'
      ? `A spot ${spokenLength(figures.depthMm)} deep and ${spokenLength(figures.widthMm)} wide`
      : `Spots ${spokenLength(figures.depthMm)} deep, sealed to ${spokenLength(figures.holdsMm)}`;
  return (
    <DrawingFrame label={label}>
      {(page) => <PulseSection answer={answer} figures={figures} page={page} />}
    </DrawingFrame>
  );
}

/** Spots that are drawn of a seam. */
const shownSpots = 7;

function PulseSection({ answer, figures, page }: DrawingProps<PulsedMode> & { page: BoxSize }) {
  const { work, setting } = answer;
  const isSeam = setting.mode === 'seam';
  const { scale, face, left, run, pitch, centres, under } = layOut(answer, figures, page);
  const y = (mm: number) => face + mm * scale;
  const [first = 0] = centres;
  const measured = isSeam ? figures.holdsMm : figures.depthMm;
  const half = (figures.widthMm * scale) / 2;
  return (
    <g>
      <Sheet y={face} width={page.width - 150} height={work.thicknessMm * scale} />
      {under > 0 && <Sheet y={y(work.thicknessMm)} width={page.width - 150} height={under * scale} />}
      {centres.map((x) => (
        <Spot key={x} x={x} face={face} figures={figures} scale={scale} />
      ))}
      <path
        d={`M40 ${y(work.wantedMm)}H${page.width - 110}`}
        stroke="var(--color-primary)"
        strokeWidth={2}
        strokeDasharray="8 5"
      />
      <text x={44} y={y(work.wantedMm) - 6} className="measure-words fill-base-content text-[14px]">
        wanted {spokenLength(work.wantedMm)}
      </text>
      {isSeam && figures.holdsMm > 0 && (
        <path
          d={`M${left} ${y(figures.holdsMm)}h${run * scale}`}
          stroke="var(--color-base-content)"
          strokeWidth={2}
        />
      )}
      <DimensionLine
        from={[page.width - 110, y(measured)]}
        to={[page.width - 110, face]}
        beside={-12}
        isLarge
        label={spokenLength(measured)}
      />
      <DimensionLine
        from={[first - half, face]}
        to={[first + half, face]}
        beside={14}
        label={spokenLength(figures.widthMm)}
      />
      <text x={40} y={page.height - 12} className="fill-soft text-[14px]">
        {isSeam
          ? `a spot every ${spokenLength(pitch)}; sealed where they cross`
          : `from ${spokenLength(figures.leastMm)} to ${spokenLength(figures.mostMm)} deep, four times in five`}
      </text>
    </g>
  );
}

/** Where everything lies on the page, px, and the lengths of the run, mm. */
function layOut(
  { work, setting }: DrawingProps<PulsedMode>['answer'],
  { mostMm, widthMm }: DrawingProps<PulsedMode>['figures'],
  page: BoxSize,
) {
  const under = work.mode === 'spot' ? work.underMm : 0;
  const whole = work.thicknessMm + under;
  const pitch = setting.mode === 'seam' ? setting.paceMmS / setting.rateHz : 0;
  const spots = setting.mode === 'seam' ? shownSpots : 1;
  const run = pitch * (spots - 1) + widthMm;
  const deep = Math.max(whole, mostMm, work.wantedMm);
  const scale = Math.min(
    (page.height - 110) / (deep * 1.1),
    (page.width - 190) / Math.max(run, setting.spotMm * 1.4),
  );
  const face = Math.max(46, (page.height - 20 - Math.max(whole, mostMm) * scale) / 2);
  const left = (page.width - 70 - run * scale) / 2;
  const centres = Array.from({ length: spots }, (_, i) => left + (widthMm / 2 + i * pitch) * scale);
  return { scale, face, left, run, pitch, centres, under };
}

function Sheet({ y, width, height }: { y: number; width: number; height: number }) {
  return <rect x={40} y={y} width={width} height={height} fill="var(--steel)" stroke="var(--steel-line)" />;
}

/** One spot's melt with its band of doubt. */
function Spot({
  x,
  face,
  figures: { widthMm, depthMm, leastMm, mostMm },
  scale,
}: {
  x: number;
  face: number;
  figures: DrawingProps<PulsedMode>['figures'];
  scale: number;
}) {
  const melt = (depth: number) => bowl(x, face, widthMm * scale, depth * scale);
  return (
    <g>
      <path d={melt(mostMm)} fill="var(--melt)" opacity={0.25} />
      <path d={melt(depthMm)} fill="var(--melt)" stroke="var(--melt-edge)" fillOpacity={0.75} />
      <path d={melt(leastMm)} fill="none" stroke="var(--melt-edge)" strokeDasharray="3 3" />
    </g>
  );
}

/** A spot's melt: a parabola under its width at the face. */
function bowl(x: number, face: number, width: number, depth: number): string {
  return `M${x - width / 2} ${face}Q${x} ${face + 2 * depth} ${x + width / 2} ${face}z`;
}
