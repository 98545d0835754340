import type { CardState } from '@lone-heron/contract';
import { Archive, BadgeCheck, CircleDashed, Signature } from 'lucide-react';
import { stateWords } from './cardWords.js';

const marks = { draft: CircleDashed, proven: BadgeCheck, signed: Signature, retired: Archive } as const;

/** How far a card is: a shape of its own beside its word. */
export function StateMark({ state }: { state: CardState }) {
  const Mark = marks[state];
  return (
    <span
      className={`inline-flex items-center gap-1.5 rounded-box border px-2 py-0.5 whitespace-nowrap ${
        state === 'signed' ? 'border-primary font-semibold' : 'border-base-300'
      }`}
      title={stateWords[state].says}
    >
      <Mark className="size-4.5" aria-hidden="true" /> {stateWords[state].name}
    </span>
  );
}
