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
  const under = work.mode === 'spot' ? work.underMm : 0;
  const whole = work.thicknessMm + under;
  const deep = Math.max(whole, figures.mostMm, work.wantedMm);
  const pitch = setting.mode === 'seam' ? setting.paceMmS / setting.rateHz : 0;
  const run = setting.mode === 'seam' ? pitch * (shownSpots - 1) + figures.widthMm : figures.widthMm;
  const scale = Math.min(
    (page.height - 110) / (deep * 1.1),
    (page.width - 190) / Math.max(run, setting.spotMm * 1.4),
  );
  const face = Math.max(46, (page.height - 20 - Math.max(whole, figures.mostMm) * scale) / 2);
  const middle = (page.width - 70) / 2;
  const left = middle - (run * scale) / 2;
  const centres =
    setting.mode === 'seam'
      ? Array.from({ length: shownSpots }, (_, i) => left + (figures.widthMm / 2 + i * pitch) * scale)
      : [middle];
  const y = (mm: number) => face + mm * scale;
  return (
    <g>
      <rect
        x={40}
        y={face}
        width={page.width - 150}
        height={work.thicknessMm * scale}
        fill="var(--steel)"
        stroke="var(--steel-line)"
      />
      {under > 0 && (
        <rect
          x={40}
          y={y(work.thicknessMm)}
          width={page.width - 150}
          height={under * scale}
          fill="var(--steel)"
          stroke="var(--steel-line)"
        />
      )}
      {centres.map((x) => (
        <g key={x}>
          <path
            d={bowl(x, face, figures.widthMm * scale, figures.mostMm * scale)}
            fill="var(--melt)"
            opacity={0.25}
          />
          <path
            d={bowl(x, face, figures.widthMm * scale, figures.depthMm * scale)}
            fill="var(--melt)"
            stroke="var(--melt-edge)"
            fillOpacity={0.75}
          />
          <path
            d={bowl(x, face, figures.widthMm * scale, figures.leastMm * scale)}
            fill="none"
            stroke="var(--melt-edge)"
            strokeDasharray="3 3"
          />
        </g>
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
      {setting.mode === 'seam' && figures.holdsMm > 0 && (
        <path
          d={`M${left} ${y(figures.holdsMm)}h${run * scale}`}
          stroke="var(--color-base-content)"
          strokeWidth={2}
        />
      )}
      <DimensionLine
        from={[page.width - 110, y(setting.mode === 'seam' ? figures.holdsMm : figures.depthMm)]}
        to={[page.width - 110, face]}
        beside={-12}
        isLarge
        label={spokenLength(setting.mode === 'seam' ? figures.holdsMm : figures.depthMm)}
      />
      <DimensionLine
        from={[centres[0]! - (figures.widthMm * scale) / 2, face]}
        to={[centres[0]! + (figures.widthMm * scale) / 2, face]}
        beside={14}
        label={spokenLength(figures.widthMm)}
      />
      <text x={40} y={page.height - 12} className="fill-soft text-[14px]">
        {setting.mode === 'seam'
          ? `a spot every ${spokenLength(pitch)}; sealed where they cross`
          : `from ${spokenLength(figures.leastMm)} to ${spokenLength(figures.mostMm)} deep, four times in five`}
      </text>
    </g>
  );
}

/** A spot's melt: a parabola under its width at the face. */
function bowl(x: number, face: number, width: number, depth: number): string {
  return `M${x - width / 2} ${face}Q${x} ${face + 2 * depth} ${x + width / 2} ${face}z`;
}
