import { lazy, Suspense, useState } from 'react';
import { Loading } from '../../shared/Loading.js';
import type { DialOutcome } from '../dialOutcome.js';
import { FromAbove } from './FromAbove.js';
import { SectionDrawing } from './SectionDrawing.js';

const DepthChart = lazy(() => import('../chart/DepthChart.js'));

const views = [
  { id: 'section', label: 'Section, to scale' },
  { id: 'chart', label: 'Depth by power' },
] as const;

/** The joint as it should turn out: the drawing first, the chart on request. */
export function Hero({ outcome, isCurrent }: { outcome: DialOutcome; isCurrent: boolean }) {
  const [view, setView] = useState<(typeof views)[number]['id']>('section');
  return (
    <section
      className={`sheet flex min-h-0 flex-col transition-opacity ${isCurrent ? '' : 'opacity-50'}`}
      aria-label="What it will look like"
    >
      <header className="flex min-h-11 items-center gap-1 px-2" role="group" aria-label="View">
        {views.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            aria-pressed={view === id}
            className={`btn touch btn-sm ${view === id ? 'font-semibold underline underline-offset-4' : 'font-normal text-soft'} btn-ghost`}
            onClick={() => setView(id)}
          >
            {label}
          </button>
        ))}
        {!isCurrent && <span className="ml-auto px-2 text-sm text-soft">the last good joint</span>}
      </header>
      {view === 'section' ? (
        <div className="flex min-h-0 grow flex-col px-2 pb-2">
          <SectionDrawing outcome={outcome} />
          <FromAbove outcome={outcome} />
        </div>
      ) : (
        <Suspense fallback={<Loading what="the chart" />}>
          <DepthChart outcome={outcome} />
        </Suspense>
      )}
    </section>
  );
}
