import type { HandMode } from '@lone-heron/contract';
import { useRef, type ReactNode } from 'react';
import { useBoxSize, type BoxSize } from '../../shared/drawing/useBoxSize.js';
import type { ModeFigures } from './modeFigures.js';
import type { ModeAnswer } from './useModeDial.js';

/** What a mode's drawing is made of. */
export interface DrawingProps<Mode extends HandMode> {
  readonly answer: ModeAnswer<Mode>;
  readonly figures: ModeFigures[Mode];
}

const unmeasured = { width: 470, height: 330 };

/** A drawing as large as its place, drawn in CSS pixels. */
export function DrawingFrame({ label, children }: { label: string; children: (page: BoxSize) => ReactNode }) {
  const frame = useRef<HTMLDivElement>(null);
  const page = useBoxSize(frame, unmeasured);
  return (
    <div ref={frame} className="relative min-h-72 w-full grow">
      <svg
        viewBox={`0 0 ${page.width} ${page.height}`}
        className="absolute inset-0 size-full"
        role="img"
        aria-label={label}
      >
        {children(page)}
      </svg>
    </div>
  );
}
