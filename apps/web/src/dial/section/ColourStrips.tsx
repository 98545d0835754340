import { inMm, seamOf, seamRow, tints, type TintBands } from '@lone-heron/core';
import type { DialOutcome } from '../dialOutcome.js';
import type { SectionView } from './sectionView.js';

const strip = 4;

/** Colour on both faces of a flat joint, as wide as it is expected. */
export function ColourStrips({ view, outcome }: { view: SectionView; outcome: DialOutcome }) {
  const { tint } = outcome.consequences;
  if (tint === null || !seamRow(seamOf(outcome.job.joint).kind).hasFlatFaces) return null;
  return (
    <g aria-hidden="true">
      <Strip view={view} bands={tint.front} below={0} shift={-strip - 1} />
      {view.throughMm !== null && <Strip view={view} bands={tint.back} below={view.throughMm} shift={1} />}
    </g>
  );
}

function Strip({
  view,
  bands,
  below,
  shift,
}: {
  view: SectionView;
  bands: TintBands;
  below: number;
  shift: number;
}) {
  const [x, y] = view.toPage(view.inMelt(0, below));
  return (
    <>
      {tints.map((colour) => {
        const width = inMm(bands[colour]) * view.scale;
        return (
          width > 0 && (
            <rect
              key={colour}
              x={x - width / 2}
              y={y + shift}
              width={width}
              height={strip}
              fill={`var(--tint-${colour})`}
            />
          )
        );
      })}
    </>
  );
}
