import type { StepStanding } from '@lone-heron/contract';
import type { ReactNode } from 'react';

const marks: Readonly<Record<StepStanding, { shape: ReactNode; words: string; colour: string }>> = {
  todo: {
    shape: (
      <circle cx="12" cy="12" r="8" fill="none" stroke="currentColor" strokeWidth="2" strokeDasharray="3 3" />
    ),
    words: 'to do',
    colour: 'text-soft',
  },
  done: {
    shape: (
      <path
        d="M5 12.5l4.5 4.5L19 7"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinecap="round"
      />
    ),
    words: 'done',
    colour: 'text-success',
  },
  skipped: {
    shape: (
      <path
        d="M5 12h14M15 7l4 5-4 5"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.2"
        strokeLinecap="round"
      />
    ),
    words: 'left out',
    colour: 'text-accent',
  },
  unmet: {
    shape: (
      <path
        d="M7 7l10 10M17 7L7 17"
        fill="none"
        stroke="currentColor"
        strokeWidth="3"
        strokeLinecap="round"
      />
    ),
    words: 'not met',
    colour: 'text-error',
  },
};

/** Where a step stands, told by its shape as well as its colour. */
export function StepMark({ standing }: { standing: StepStanding }) {
  const { shape, words, colour } = marks[standing];
  return (
    <svg viewBox="0 0 24 24" className={`size-6 shrink-0 ${colour}`} role="img" aria-label={words}>
      {shape}
    </svg>
  );
}
