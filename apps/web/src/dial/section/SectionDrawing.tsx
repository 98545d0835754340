import { inMm } from '@lone-heron/core';
import { Maximize, ZoomIn, ZoomOut } from 'lucide-react';
import { lazy, Suspense, useId, useRef } from 'react';
import { rootHalfWidth } from '../../shared/drawing/meltOutline.js';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { Melt } from './Melt.js';
import { ScaleBar } from './ScaleBar.js';
import { sectionInWords } from './sectionInWords.js';
import { sectionView, type SectionView } from './sectionView.js';
import { Sheets } from './Sheets.js';
import { useLook } from './useLook.js';

const SectionExtras = lazy(() => import('./SectionExtras.js'));

const unmeasured = { width: 470, height: 260 };

/** The section to scale: sheets, gap, melt with its band of doubt, gun and wire, and its measures. */
export function SectionDrawing({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const svg = useRef<SVGSVGElement>(null);
  const page = useBoxSize(frame, unmeasured);
  const { look, zoom } = useLook(svg);
  const ids = { title: useId(), hatch: useId(), molten: useId(), clip: useId(), page: useId() };
  const view = sectionView(outcome, page, look);
  return (
    <div ref={frame} className="relative min-h-56 w-full grow">
      <svg
        ref={svg}
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="absolute inset-0 size-full"
        role="group"
        aria-labelledby={ids.title}
      >
        <title id={ids.title}>{sectionInWords(outcome)}</title>
        <Patterns ids={ids} page={page} />
        <g clipPath={`url(#${ids.page})`}>
          <Sheets view={view} hatch={ids.hatch} />
          <Melt view={view} outcome={outcome} ids={ids} />
        </g>
        <ScaleBar page={page} scale={view.scale} units={outcome.house.units} />
        <text x={page.width - 4} y={page.height - 10} textAnchor="end" className="fill-soft text-[15px]">
          {rootWords(view, outcome)}
        </text>
        <Suspense fallback={null}>
          <SectionExtras view={view} dial={dial} outcome={outcome} clip={ids.page} />
        </Suspense>
      </svg>
      <div className="absolute top-0 right-0 flex flex-col" role="group" aria-label="Look closer">
        <ZoomButton name="Larger" icon={ZoomIn} onPress={() => zoom()?.by(1.5)} />
        <ZoomButton name="Smaller" icon={ZoomOut} onPress={() => zoom()?.by(1 / 1.5)} />
        {look.zoom > 1 && <ZoomButton name="Whole joint" icon={Maximize} onPress={() => zoom()?.reset()} />}
      </div>
    </div>
  );
}

function Patterns({ ids, page }: { ids: Readonly<Record<string, string>>; page: typeof unmeasured }) {
  return (
    <defs>
      <pattern
        id={ids['hatch']}
        width="9"
        height="9"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="9" height="9" fill="var(--steel)" />
        <path d="M0 0V9" stroke="var(--steel-line)" strokeWidth="0.8" opacity="0.55" />
      </pattern>
      <linearGradient id={ids['molten']} x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stopColor="var(--melt-hot)" />
        <stop offset="1" stopColor="var(--melt)" />
      </linearGradient>
      <clipPath id={ids['page']}>
        <rect x="30" y="0" width={page.width - 60} height={page.height - 30} />
      </clipPath>
    </defs>
  );
}

function ZoomButton({
  name,
  icon: Icon,
  onPress,
}: {
  name: string;
  icon: typeof ZoomIn;
  onPress: () => void;
}) {
  return (
    <button
      type="button"
      className="btn btn-square touch btn-ghost btn-sm"
      aria-label={name}
      onClick={onPress}
    >
      <Icon className="size-4.5" aria-hidden="true" />
    </button>
  );
}

function rootWords(
  { widthMm, depthMm, throughMm }: SectionView,
  { house, consequences }: DialOutcome,
): string {
  if (throughMm === null) return 'an edge has no back';
  const root = 2 * rootHalfWidth({ widthMm, depthMm, thicknessMm: throughMm });
  if (root > 0) return `behind: a line about ${lengthFigure(root, house.units)} wide`;
  const { tint } = consequences;
  if (tint !== null && tint.back.straw > 0)
    return `behind: colour ${lengthFigure(inMm(tint.back.straw), house.units)} wide, no line`;
  return 'stops short of the back';
}
