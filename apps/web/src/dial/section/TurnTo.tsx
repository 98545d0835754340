import { ChevronLeft, ChevronRight } from 'lucide-react';

/** Ids of the two things that lie side by side on a phone. */
export const phoneLeaves = { numbers: 'dial-numbers', drawing: 'dial-drawing' } as const;

/** On a phone: turns to the other leaf, as a swipe does. */
export function TurnTo({ leaf }: { leaf: keyof typeof phoneLeaves }) {
  const turn = () =>
    document.getElementById(phoneLeaves[leaf])?.scrollIntoView({ inline: 'start', block: 'nearest' });
  return (
    <button type="button" className="btn touch-always px-3 sm:hidden" onClick={turn}>
      {leaf === 'numbers' && <ChevronLeft className="size-5" aria-hidden="true" />}
      {leaf === 'numbers' ? 'Numbers' : 'Drawing'}
      {leaf === 'drawing' && <ChevronRight className="size-5" aria-hidden="true" />}
    </button>
  );
}
