import {
  meltDisagreement,
  seamRow,
  tints,
  type Face,
  type Tint,
  type TintBelief,
  type TintLeft,
} from '@lone-heron/core';
import { timeWords } from '../../shared/heat/heatFigures.js';
import { edgeWords, reachWords, widthRange } from './heatWords.js';
import type { ShownField } from './useField.js';

/** What is left on the faces, and when it can be touched. */
export function HeatFacts({ shown, belief }: { shown: ShownField; belief: TintBelief }) {
  const { tint, gloveAfter, nextPassAfter } = shown.answer;
  const disagreement = meltDisagreement(shown.task, shown.answer.bead);
  const isFlat = seamRow(shown.task.joint.kind).hasFlatFaces;
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
                  <td>{tintWords(tint, 'front', colour, isFlat)}</td>
                  <td>{tintWords(tint, 'back', colour, isFlat)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="text-soft">
            {belief.coupons === 0 ? 'In air, less under gas.' : beliefWords(belief)}
            {isFlat &&
              ` ${belief.coupons === 0 ? 'By other tables straw' : 'Four in five straw'} ${widthRange(tint.likely.narrow.front.straw, tint.likely.wide.front.straw)}.`}
          </p>
        </>
      )}
      {disagreement !== null && (
        <p className="font-semibold">
          {disagreement < 1
            ? 'By this field less melts here than the odds go by'
            : 'By this field more melts here than the odds go by'}
          : on this metal and joint they disagree. A coupon decides.
        </p>
      )}
      <p>
        Next pass after <strong>{afterWords(nextPassAfter)}</strong>, held in a glove after{' '}
        <strong>{afterWords(gloveAfter)}</strong>: feel first.
      </p>
    </div>
  );
}

/** What the shop's photographed colours made of the model's. */
function beliefWords({ factor, coupons }: TintBelief): string {
  const by = coupons === 1 ? 'By the colours of one coupon' : `By the colours of ${coupons} coupons`;
  const percent = Math.round(100 * Math.abs(factor - 1));
  if (percent < 3) return `${by}: as wide as computed in air.`;
  return `${by}: ${percent} % ${factor < 1 ? 'narrower' : 'wider'} than computed in air.`;
}

/** How wide a tint is on a flat face, or how far it reaches where the faces do not lie flat. */
function tintWords(tint: TintLeft, face: Face, colour: Tint, isFlat: boolean): string {
  return isFlat ? edgeWords(tint[face][colour]) : reachWords(tint.reach[face][colour]);
}

function afterWords(seconds: number | null): string {
  return seconds === null ? 'more than an hour' : timeWords(seconds);
}
