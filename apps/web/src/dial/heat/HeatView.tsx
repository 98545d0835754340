import { inMm, mm, seamOf, seamRow, type WeldedPart } from '@lone-heron/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Loading } from '../../shared/page/Loading.js';
import type { DialOutcome } from '../dialOutcome.js';
import { spokenLength } from '../../shared/figures/spoken.js';
import { heatQuestion } from './heatTask.js';
import { PartWords } from './PartWords.js';

const FieldPanel = lazy(() => import('./FieldPanel.js'));
const EndsPanel = lazy(() => import('./EndsPanel.js'));
const WarpPanel = lazy(() => import('./WarpPanel.js'));

const sides = [
  { id: 'section', label: 'Across' },
  { id: 'above', label: 'Front' },
  { id: 'behind', label: 'Back' },
  { id: 'ends', label: 'Start, end' },
  { id: 'warp', label: 'Warp' },
] as const;
type SideId = (typeof sides)[number]['id'];

/** A part that nobody said: large enough that its edges are not felt at once. */
const usualPart: WeldedPart = { sideWidth: mm(100), seamLength: mm(300) };

/** Where the heat of the setting goes: across, in front and behind, at the ends of a seam, and what it bends. */
export default function HeatView({ outcome }: { outcome: DialOutcome }) {
  const [side, setSide] = useState<SideId>('section');
  const [part, setPart] = useState(usualPart);
  const { freeEdge } = outcome.conditions;
  const question = useMemo(
    () => heatQuestion(outcome, freeEdge === undefined ? part : { ...part, sideWidth: freeEdge }),
    [outcome, part, freeEdge],
  );
  if ('why' in question) return <p className="p-2 leading-snug">{question.why}</p>;
  const { hasFlatFaces } = seamRow(seamOf(outcome.job.joint).kind);
  const shown = hasFlatFaces ? sides : sides.filter(({ id }) => id !== 'above' && id !== 'behind');
  const seen = shown.some(({ id }) => id === side) ? side : 'section';
  const isField = seen !== 'ends' && seen !== 'warp';
  return (
    <div className="flex min-h-0 grow flex-col gap-1">
      <div role="group" aria-label="Side of the heat" className="flex flex-wrap">
        {shown.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            aria-pressed={seen === id}
            className={`btn touch px-2 btn-ghost btn-sm ${seen === id ? 'font-semibold underline underline-offset-4' : 'font-normal text-soft'}`}
            onClick={() => setSide(id)}
          >
            {label}
          </button>
        ))}
      </div>
      <Suspense fallback={<Loading what="the heat" />}>
        {seen === 'ends' ? (
          <EndsPanel
            task={question.task}
            companions={outcome.companions}
            hasWire={outcome.setting.pace.by === 'wire'}
          />
        ) : seen === 'warp' ? (
          <WarpPanel outcome={outcome} task={question.task} />
        ) : (
          <FieldPanel task={question.task} look={seen} />
        )}
      </Suspense>
      {freeEdge === undefined ? (
        <PartWords part={part} onPart={setPart} hint={isField ? 'Touch a place for its curve.' : ''} />
      ) : (
        <p className="text-sm leading-snug text-soft">
          Counted for sheets that end {spokenLength(inMm(freeEdge))} beside the seam.
        </p>
      )}
    </div>
  );
}
