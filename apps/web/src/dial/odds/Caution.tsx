import { cautionsFor } from '@lone-heron/core';
import { jointMetals } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { memo } from 'react';
import type { SuggestedOutcome } from '../dialOutcome.js';

/** The cautions of this choice in one or two lines, and who decides. */
function Caution({ suggested: { said, job, conditions } }: { suggested: SuggestedOutcome }) {
  const cautions = cautionsFor(jointMetals(said.joint), job.joint, conditions);
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

/** What the sentence says does not change while knobs are turned. */
export default memo(Caution);
