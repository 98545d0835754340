import type { Seen } from '@lone-heron/core';
import { symptomOrder, symptomWords } from './symptomWords.js';

/** What is seen: pressed for yes, pressed again for not said. */
export function Symptoms({ seen, onSee }: { seen: Seen; onSee: (seen: Seen) => void }) {
  const turn = (name: string) => {
    const { [name]: before, ...rest } = seen;
    onSee(before === 'yes' ? rest : { ...rest, [name]: 'yes' });
  };
  const isClean = Object.keys(seen).length === 0;
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="What do you see">
      <h2 className="flex items-center gap-3 text-lg font-semibold">
        What do you see?
        {!isClean && (
          <button type="button" className="btn touch ml-auto btn-ghost" onClick={() => onSee({})}>
            Begin again
          </button>
        )}
      </h2>
      <ul className="grid grid-cols-2 gap-2">
        {symptomOrder.map((symptom) => (
          <li key={symptom}>
            <button
              type="button"
              aria-pressed={seen[symptom] === 'yes'}
              className={`btn touch-always h-full w-full justify-start text-left font-normal ${
                seen[symptom] === 'yes' ? 'btn-primary' : ''
              }`}
              onClick={() => turn(symptom)}
            >
              {symptomWords[symptom]}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
