import { cautionsFor } from '@lone-heron/core';
import { jointMetals } from '@lone-heron/contract';
import { memo } from 'react';
import { CautionNote } from '../../shared/page/CautionNote.js';
import type { SuggestedOutcome } from '../dialOutcome.js';

/** The cautions of this choice in one or two lines, and who decides. */
function Caution({ suggested: { said, job, conditions } }: { suggested: SuggestedOutcome }) {
  return <CautionNote cautions={cautionsFor(jointMetals(said.joint), job.joint, conditions)} />;
}

/** What the sentence says does not change while knobs are turned. */
export default memo(Caution);
