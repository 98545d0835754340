import type { DialledMetalId } from '@lone-heron/core';
import { TriangleAlert } from 'lucide-react';
import { cautionFor } from './cautions.js';

/** The one caution of this choice, and who decides. */
export function Caution({ metal }: { metal: DialledMetalId }) {
  return (
    <p className="caution flex items-center gap-2 px-3 py-1.5 text-sm leading-snug" role="note">
      <TriangleAlert className="size-5 shrink-0" aria-hidden="true" />
      <span>{cautionFor(metal)} Figures are for planning: the manual and your safety officer decide.</span>
    </p>
  );
}
