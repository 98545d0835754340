import type { CriterionVerdict } from '@lone-heron/core';
import { Check, CircleDashed, X } from 'lucide-react';
import { criterionWords, verdictWords } from '../vocabulary/criteria.js';

const verdictMarks = { met: Check, notMet: X, notTested: CircleDashed } as const;

/** What a level asks, thing by thing, with what was found. */
export function VerdictList({ verdicts }: { verdicts: readonly CriterionVerdict[] }) {
  return (
    <ul className="flex flex-col divide-y divide-base-300">
      {verdicts.map(({ criterion, verdict, asked, found }) => {
        const Mark = verdictMarks[verdict];
        return (
          <li key={criterion} className="flex items-center gap-3 py-1.5">
            <Mark
              className={`size-5 shrink-0 ${verdict === 'notMet' ? 'text-error' : 'text-soft'}`}
              aria-hidden="true"
            />
            <span className="grow leading-tight">
              <strong>{criterionWords[criterion]}</strong> {verdictWords[verdict]}
              <span className="block text-sm text-soft">asked: {asked}</span>
            </span>
            {verdict !== 'notTested' && <span className="text-right">{found}</span>}
          </li>
        );
      })}
    </ul>
  );
}
