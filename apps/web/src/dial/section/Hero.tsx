import { lazy, Suspense, useRef, useState } from 'react';
import { Loading } from '../../shared/page/Loading.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { SectionDrawing } from './SectionDrawing.js';
import { phoneLeaves, TurnTo } from './TurnTo.js';

const SaveButtons = lazy(() => import('./SaveButtons.js'));
const DepthChart = lazy(() => import('../chart/DepthChart.js'));
const FromAbove = lazy(() => import('./FromAbove.js'));
const FromAboveView = lazy(() => import('./FromAboveView.js'));
const BehindView = lazy(() => import('./BehindView.js'));
const HeatView = lazy(() => import('../heat/HeatView.js'));

const views = [
  { id: 'section', label: 'Section' },
  { id: 'above', label: 'From above' },
  { id: 'behind', label: 'Behind' },
  { id: 'heat', label: 'Heat' },
  { id: 'chart', label: 'By knob' },
] as const;
type ViewId = (typeof views)[number]['id'];

/** The joint as it should turn out: the drawing first, the others on request. */
export function Hero({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const [view, setView] = useState<ViewId>('section');
  const drawings = useRef<HTMLDivElement>(null);
  return (
    <section
      id={phoneLeaves.drawing}
      className="sheet flex min-h-0 flex-col"
      aria-label="What it will look like"
    >
      <header className="flex min-h-11 flex-wrap items-center px-2">
        <TurnTo leaf="numbers" />
        <div role="group" aria-label="View" className="flex flex-wrap">
          {views.map(({ id, label }) => (
            <button
              key={id}
              type="button"
              aria-pressed={view === id}
              className={`btn touch px-2 btn-sm ${view === id ? 'font-semibold underline underline-offset-4' : 'font-normal text-soft'} btn-ghost`}
              onClick={() => setView(id)}
            >
              {label}
            </button>
          ))}
        </div>
        {!dial.isCurrent && <span className="px-2 text-sm text-soft">the last good joint</span>}
        {view !== 'chart' && view !== 'heat' && (
          <Suspense fallback={null}>
            <SaveButtons drawings={drawings} name={view} />
          </Suspense>
        )}
      </header>
      <div ref={drawings} className="flex min-h-0 grow flex-col px-2 pb-2">
        <Suspense fallback={<Loading what="the drawing" />}>
          <View id={view} dial={dial} outcome={outcome} />
        </Suspense>
      </div>
    </section>
  );
}

function View({ id, dial, outcome }: { id: ViewId; dial: Dial; outcome: DialOutcome }) {
  switch (id) {
    case 'section':
      return (
        <>
          <SectionDrawing dial={dial} outcome={outcome} />
          <Suspense fallback={<div className="h-22" />}>
            <FromAbove dial={dial} outcome={outcome} />
          </Suspense>
        </>
      );
    case 'above':
      return <FromAboveView dial={dial} outcome={outcome} />;
    case 'behind':
      return <BehindView outcome={outcome} />;
    case 'heat':
      return <HeatView outcome={outcome} />;
    case 'chart':
      return <DepthChart outcome={outcome} />;
  }
}
