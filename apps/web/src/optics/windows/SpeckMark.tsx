import type { WindowReason } from '@lone-heron/contract';
import type { ReactNode } from 'react';

const ink = { fill: 'none', stroke: 'currentColor', strokeWidth: 1.8, strokeLinecap: 'round' as const };

/** What the old glass looked like, drawn in its ring. */
const insides: Readonly<Record<WindowReason, ReactNode>> = {
  darkSpecks: <path d="M13 13h.1M20 19h.1M14 20h.1M19 12h.1" {...ink} strokeWidth={3.6} />,
  paleSpecks: (
    <g {...ink}>
      <circle cx="13" cy="13.5" r="1.8" />
      <circle cx="19.5" cy="19" r="1.8" />
      <circle cx="19" cy="12" r="1.2" />
    </g>
  ),
  haze: <path d="M9 13c2-2 4 2 6 0s4 2 7 0M9 17c2-2 4 2 6 0s4 2 7 0M11 21c2-2 4 2 6 0s2 1 4 0" {...ink} />,
  cracked: <path d="M10 9l5 6-2 3 6 6" {...ink} />,
  sound: <path d="M10 16l4 4 8-8" {...ink} />,
  weakWelds: <path d="M16 9v9M12 15l4 4 4-4" {...ink} />,
  planned: <path d="M16 10v6l4 3" {...ink} />,
  other: <path d="M11 16h.1M16 16h.1M21 16h.1" {...ink} strokeWidth={3} />,
};

/** A reason's mark. Decorative: words stand beside it. */
export function SpeckMark({ reason }: { reason: WindowReason }) {
  return (
    <svg viewBox="0 0 32 32" className="size-9 shrink-0" aria-hidden="true" focusable="false">
      <circle cx="16" cy="16" r="13" {...ink} />
      {insides[reason]}
    </svg>
  );
}
