import type { Machine } from '@lone-heron/contract';
import { obstacleWords, tryRemedies, type Remedy } from '@lone-heron/core';
import { useId, useMemo } from 'react';
import { useSettled } from '../../shared/form/useSettled.js';
import { percentFigure } from '../../shared/figures/figures.js';
import type { SuggestedOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { wordsOfChange } from './wordsOfChange.js';

interface ShortfallProps {
  suggested: SuggestedOutcome;
  dial: Dial;
  machines: readonly Machine[];
}

/**
 * Cannot be done, as an answer: what stands in the way, and what helps. Every remedy was tried before it is offered, with
 * the chance of an even line before and after; a press makes the change.
 */
export default function Shortfall({ suggested, dial, machines }: ShortfallProps) {
  const settled = useSettled(suggested);
  const remedies = useMemo(() => tryRemedies(settled.job, settled.suggestion), [settled]);
  const { obstacle } = suggested.suggestion;
  if (obstacle === null) return null;
  return (
    <section
      className="sheet flex flex-wrap items-center gap-x-6 gap-y-1 border-l-4 border-l-error px-4 py-1.5 leading-snug"
      aria-label="What stands in the way"
    >
      <p className="font-semibold">{obstacleWords(suggested.job, suggested.suggestion)}</p>
      {remedies.length === 0 && settled === suggested ? (
        <p className="text-soft">No change that can be tried here helps.</p>
      ) : (
        <ul className="flex flex-wrap items-center gap-x-3 gap-y-1" aria-label="What helps">
          {remedies.map((remedy) => (
            <li key={remedy.words}>
              <RemedyKey remedy={remedy} dial={dial} machines={machines} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function RemedyKey({ remedy, dial, machines }: { remedy: Remedy; dial: Dial; machines: readonly Machine[] }) {
  const words = wordsOfChange(remedy.change, dial.address.words, machines);
  const { before, after } = remedy;
  const oddsId = useId();
  return (
    <button
      type="button"
      className="btn touch h-auto flex-col items-start gap-0 py-1 text-left leading-tight"
      aria-label={remedy.words}
      aria-describedby={oddsId}
      onClick={() => words !== null && dial.sayWords(words)}
    >
      <span>{remedy.words}</span>
      <span id={oddsId} className="text-sm font-normal text-soft">
        even line {percentFigure(before.evenChance)} to {percentFigure(after.evenChance)}
        {remedy.lands ? '' : ', and still short'}
      </span>
    </button>
  );
}
