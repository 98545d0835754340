import { farFace, inMm, tints, type Tint } from '@lone-heron/core';
import { useId, useRef } from 'react';
import { rootHalfWidth } from '../../shared/drawing/meltOutline.js';
import { useBoxSize } from '../../shared/drawing/useBoxSize.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { lengthFigure } from '../../shared/figures/houseUnits.js';
import { CleanColour } from '../../shared/modes/CleanColour.js';
import { seamColour } from '../../shared/modes/seamColour.js';
import type { DialOutcome } from '../dialOutcome.js';
import { plainLook, sectionView } from './sectionView.js';

const unmeasured = { width: 470, height: 240 };

/** What the back should look like: the line that shows through and the colour beside it, along the run. */
export default function BehindView({ outcome }: { outcome: DialOutcome }) {
  const frame = useRef<HTMLDivElement>(null);
  const page = useBoxSize(frame, unmeasured);
  const titleId = useId();
  const back = backOf(outcome, page);
  return (
    <div className="grid min-h-0 grow grid-rows-[1fr_auto] gap-2">
      <div ref={frame} className="relative min-h-40">
        <svg
          viewBox={`0 0 ${page.width} ${page.height}`}
          className="absolute inset-0 size-full"
          role="img"
          aria-labelledby={titleId}
        >
          <title id={titleId}>{back.words}</title>
          <rect width={page.width} height={page.height} fill="var(--steel)" rx="6" />
          {back.bands.map(({ colour, px }) => (
            <rect
              key={colour}
              y={page.height / 2 - px / 2}
              width={page.width}
              height={px}
              fill={`var(--tint-${colour})`}
              opacity="0.85"
            />
          ))}
          <RootLine page={page} px={back.rootPx} lowPx={back.lowPx} highPx={back.highPx} />
        </svg>
      </div>
      <div>
        <p className="leading-snug">{back.words}</p>
        <ul className="flex flex-wrap gap-x-5 text-soft">
          {back.bands.map(({ colour, width }) => (
            <li key={colour} className="flex items-center gap-1.5">
              <span
                className="inline-block size-3 rounded-sm"
                style={{ background: `var(--tint-${colour})` }}
                aria-hidden="true"
              />
              {colour} {width}
            </li>
          ))}
        </ul>
        <CleanColour
          joint={outcome.said.joint}
          colour={seamColour(outcome.consequences)}
          lengthMm={usualSeamMm}
          units={outcome.house.units}
        />
      </div>
    </div>
  );
}

/** Length of a seam that nobody said: what a strip is proposed for. */
const usualSeamMm = 500;

/** The line that shows through, with its band of one standard deviation in broken lines. */
function RootLine({
  page,
  px,
  lowPx,
  highPx,
}: {
  page: typeof unmeasured;
  px: number;
  lowPx: number;
  highPx: number;
}) {
  const y = page.height / 2;
  return (
    <>
      {px > 0 && (
        <rect
          y={y - px / 2}
          width={page.width}
          height={px}
          fill="var(--steel-line)"
          stroke="var(--color-base-content)"
          strokeWidth="1.5"
        />
      )}
      {[lowPx, highPx].map(
        (each) =>
          each > 0 && (
            <path
              key={each}
              d={`M0 ${y - each / 2}H${page.width}M0 ${y + each / 2}H${page.width}`}
              stroke="var(--color-base-content)"
              strokeDasharray="6 5"
            />
          ),
      )}
    </>
  );
}

interface Back {
  readonly words: string;
  readonly rootPx: number;
  readonly lowPx: number;
  readonly highPx: number;
  readonly bands: readonly { readonly colour: Tint; readonly px: number; readonly width: string }[];
}

function backOf(outcome: DialOutcome, page: typeof unmeasured): Back {
  const { consequences, house } = outcome;
  const view = sectionView(outcome, page, plainLook);
  const { tint } = consequences;
  const straw = tint === null ? 0 : inMm(tint.back.straw);
  const rootAt = (by: number) =>
    view.throughMm === null
      ? 0
      : 2 * rootHalfWidth({ widthMm: view.widthMm, depthMm: view.depthMm * by, thicknessMm: view.throughMm });
  const [root, low, high] = [rootAt(1), rootAt(Math.exp(-view.spread)), rootAt(Math.exp(view.spread))];
  const scale = (page.height * 0.8) / Math.max(straw, high, 2);
  const line = behindWords(outcome, root);
  const colour =
    tint === null
      ? 'This metal shows no colours.'
      : straw > 0
        ? 'Colour beside it, in air; gas behind narrows it.'
        : 'No colour.';
  const bands =
    tint === null
      ? []
      : tints
          .filter((each) => tint.back[each] > 0)
          .map((each) => ({
            colour: each,
            px: inMm(tint.back[each]) * scale,
            width: lengthFigure(inMm(tint.back[each]), house.units),
          }));
  return {
    words: `${line} ${colour}`,
    rootPx: root * scale,
    lowPx: low * scale,
    highPx: high * scale,
    bands,
  };
}

/** What shows on the far side, and how often: the back of a butt, or the other face of the sheet behind a fillet. */
function behindWords({ job, forecast, house }: DialOutcome, rootMm: number): string {
  const { distance, isOpen } = farFace(forecast.pass.joint);
  const { full, hot, hole } = forecast.sheetOdds;
  if (distance === null) return 'This joint has no back to look at.';
  if (!isOpen) {
    const far = lengthFigure(inMm(distance), house.units);
    return `The far side lies ${far} away, behind the other sheet: it shows there ${percentFigure(hole)} of the time.`;
  }
  const through = `It shows through ${percentFigure(full + hot + hole)} of the time.`;
  if (job.runs === 2) return `Each run stops short of the back, which the other reaches. ${through}`;
  return rootMm > 0
    ? `From behind: a line about ${lengthFigure(rootMm, house.units)} wide along the whole run. ${through}`
    : `From behind: no line; the melt is expected to stop short of the back. ${through}`;
}
