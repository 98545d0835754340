import type { Caution } from '@lone-heron/core';
import { TriangleAlert } from 'lucide-react';

/** The cautions of a choice in one or two lines, and who decides. */
export function CautionNote({ cautions }: { cautions: readonly Caution[] }) {
  return (
    <p className="caution flex items-center gap-2 px-3 py-0.5 text-sm leading-snug" role="note">
      <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
      <span>
        {cautions.map(({ words }) => words).join(' ')} Figures are for planning: the manual and your safety
        officer decide.
      </span>
    </p>
  );
}
