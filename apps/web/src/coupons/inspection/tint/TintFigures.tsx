import { inMm, tints, type TintBands, type TintFound } from '@lone-heron/core';
import { colourWords } from '../../../shared/vocabulary/signs.js';
import { spokenLength } from '../../../shared/figures/spoken.js';
import { spokenReading } from '../../../shared/figures/spokenRange.js';

interface TintFiguresProps {
  found: TintFound;
  /** Null for a metal that shows no bands. */
  expected: TintBands | null;
}

/** Colour of each side, what it says of the aim, and the bands beside those that the model says. */
export function TintFigures({ found, expected }: TintFiguresProps) {
  return (
    <section aria-label="What the colours say" className="flex flex-col gap-2">
      <dl className="grid grid-cols-2 gap-2">
        {(['left', 'right'] as const).map((side) => (
          <div key={side} className="rounded-box border border-base-300 px-3 py-2">
            <dt className="text-sm text-soft">{side === 'left' ? 'On the left' : 'On the right'}</dt>
            <dd className="text-xl font-semibold">{colourWords[found[side]]}</dd>
          </div>
        ))}
      </dl>
      <p className="text-lg leading-snug" role="status">
        {aimInWords(found)}
      </p>
      <table className="table">
        <caption className="text-left text-sm text-soft">Width over each colour on the face</caption>
        <thead>
          <tr>
            <th scope="col">At least</th>
            <th scope="col">On the photo</th>
            <th scope="col">Computed, in air</th>
          </tr>
        </thead>
        <tbody>
          {tints.map((tint) => {
            const width = found.widths[tint];
            return (
              <tr key={tint}>
                <th scope="row">{tint}</th>
                <td className="tabular-nums">
                  {width === undefined ? 'not on both sides' : spokenReading(width.mm, width.sdMm)}
                </td>
                <td className="tabular-nums">
                  {expected === null ? 'none' : spokenLength(inMm(expected[tint]))}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="text-sm text-soft">
        {expected === null
          ? 'This metal shows no bands: what is seen here is soot or light.'
          : 'Good gas cover and a quick seam make the bands narrower than computed; wider ones ask for more gas or less heat.'}
      </p>
    </section>
  );
}

function aimInWords({ offset }: TintFound): string {
  if (offset === null) return 'No colour shows on both sides: nothing is said of the aim.';
  const size = spokenReading(Math.abs(offset.mm), offset.sdMm);
  if (Math.abs(offset.mm) <= 2 * offset.sdMm) return `The heat lies in the middle of the line (${size}).`;
  const [side, other] = offset.mm > 0 ? ['left', 'right'] : ['right', 'left'];
  return `The heat lies ${size} to the ${side} of the line. Aim that much to the ${other}; where the dot is central, look at the gun’s angle across the seam.`;
}
