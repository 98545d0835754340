import type { HandMode } from '@lone-heron/contract';
import { createElement, lazy, Suspense, type ComponentType } from 'react';
import { Loading } from '../../shared/page/Loading.js';
import type { DrawingProps } from './DrawingFrame.js';

const PulseDrawing = lazy(() => import('./PulseDrawing.js'));

/** The drawing of each mode. */
const drawings: { readonly [Mode in HandMode]: ComponentType<DrawingProps<Mode>> } = {
  clean: lazy(() => import('./CleanDrawing.js')),
  cut: lazy(() => import('./CutDrawing.js')),
  spot: PulseDrawing as ComponentType<DrawingProps<'spot'>>,
  seam: PulseDrawing as ComponentType<DrawingProps<'seam'>>,
};

/** The work as it should turn out. */
export function ModeDrawing<Mode extends HandMode>({
  mode,
  answer,
  figures,
}: { mode: Mode } & DrawingProps<Mode>) {
  const Drawing: ComponentType<DrawingProps<Mode>> = drawings[mode];
  const drawing: DrawingProps<Mode> = { answer, figures };
  return (
    <section className="sheet flex min-h-0 flex-col p-2" aria-label="What it will look like">
      <Suspense fallback={<Loading what="the drawing" />}>{createElement(Drawing, drawing)}</Suspense>
    </section>
  );
}
