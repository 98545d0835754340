import type { UpkeepState } from '@lone-heron/contract';
import type { ReactNode } from 'react';

const line = { fill: 'none', stroke: 'currentColor', strokeWidth: 2.4, strokeLinecap: 'round' as const };

/** A sign of its own for each state, so that it is told without its colour. */
const insides: Readonly<Record<UpkeepState, ReactNode>> = {
  missed: <path d="M7 7l10 10M17 7L7 17" {...line} />,
  due: <path d="M12 6v7M12 17.5h.1" {...line} strokeWidth={3} />,
  soon: <path d="M12 7v5l3.5 2" {...line} />,
  fine: <path d="M7 12.5l3.5 3.5L17 8.5" {...line} />,
  never: <path d="M8 12h8" {...line} />,
  condition: <path d="M6.5 12c3-5 8-5 11 0-3 5-8 5-11 0zM12 12h.1" {...line} />,
};
const colours: Readonly<Record<UpkeepState, string>> = {
  missed: 'text-error',
  due: 'text-error',
  soon: 'text-accent',
  fine: 'text-success',
  never: 'text-soft',
  condition: 'text-soft',
};

/** How a task stands, as a mark. Decorative: words stand beside it. */
export function UpkeepMark({ state }: { state: UpkeepState }) {
  return (
    <svg viewBox="0 0 24 24" className={`size-7 ${colours[state]}`} aria-hidden="true" focusable="false">
      <circle cx="12" cy="12" r="10.5" {...line} strokeWidth={1.6} />
      {insides[state]}
    </svg>
  );
}
