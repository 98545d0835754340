import { tints } from '@lone-heron/core';
import { edgeWords, timeWords, widthRange } from './heatWords.js';
import type { Heat } from './useHeat.js';

type Shown = NonNullable<Heat['shown']>;

/** What is left on the faces, and when it can be touched. */
export function HeatFacts({ shown }: { shown: Shown }) {
  const { tint, gloveAfter, nextPassAfter } = shown.answer;
  return (
    <div className="text-[0.95rem] leading-snug">
      {tint !== null && (
        <>
          <table className="w-full">
            <thead className="text-soft">
              <tr>
                <th scope="col" className="text-left font-normal">
                  Colour left
                </th>
                <th scope="col" className="text-left font-normal">
                  in front
                </th>
                <th scope="col" className="text-left font-normal">
                  behind
                </th>
              </tr>
            </thead>
            <tbody>
              {tints.map((colour) => (
                <tr key={colour}>
                  <th scope="row" className="text-left font-normal">
                    <span
                      className="mr-1.5 inline-block size-3 rounded-sm"
                      style={{ background: `var(--tint-${colour})` }}
                      aria-hidden="true"
                    />
                    {colour}
                  </th>
                  <td>{edgeWords(tint.front[colour])}</td>
                  <td>{edgeWords(tint.back[colour])}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="text-soft">
            In air, less under gas. By other tables straw{' '}
            {widthRange(tint.likely.narrow.front.straw, tint.likely.wide.front.straw)}.
          </p>
        </>
      )}
      <p>
        Next pass after <strong>{afterWords(nextPassAfter)}</strong>, held in a glove after{' '}
        <strong>{afterWords(gloveAfter)}</strong>: feel first.
      </p>
    </div>
  );
}

function afterWords(seconds: number | null): string {
  return seconds === null ? 'more than an hour' : timeWords(seconds);
}
