import type { Machine } from '@lone-heron/contract';
import type { Remedy, Shortfall as Obstacle } from '@lone-heron/core';
import type { Dial } from '../useDial.js';
import { wordsOfChange } from './wordsOfChange.js';

interface ShortfallProps {
  shortfall: Obstacle;
  dial: Dial;
  machines: readonly Machine[];
}

/** Cannot be done, as an answer: what stands in the way, and what would make it possible, each tried at a press. */
export default function Shortfall({ shortfall, dial, machines }: ShortfallProps) {
  return (
    <section
      className="sheet flex flex-wrap items-center gap-x-6 gap-y-1 border-l-4 border-l-error px-4 py-1.5 leading-snug"
      aria-label="What stands in the way"
    >
      <p className="font-semibold">{shortfall.obstacle}</p>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="text-soft">Try:</span>
        <ul className="contents">
          {shortfall.remedies.map((remedy) => (
            <li key={remedy.words}>
              <RemedyWords remedy={remedy} dial={dial} machines={machines} />
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}

function RemedyWords({
  remedy,
  dial,
  machines,
}: {
  remedy: Remedy;
  dial: Dial;
  machines: readonly Machine[];
}) {
  const words = remedy.change === null ? null : wordsOfChange(remedy.change, dial.address.words, machines);
  if (words === null) return <span className="px-1">{remedy.words}</span>;
  return (
    <button type="button" className="btn touch btn-sm" onClick={() => dial.sayWords(words)}>
      {remedy.words.replace(/\.$/, '')}
    </button>
  );
}
