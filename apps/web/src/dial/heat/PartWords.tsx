import { mm, inMm, type WeldedPart } from '@lone-heron/core';
import { useId, useState } from 'react';
import { readTyped, type TypedQuantity } from '../../shared/figures/readTyped.js';
import { spokenLength } from '../../shared/figures/spoken.js';

/** How far a sheet goes on beside the seam: what is felt, and what a bench holds. */
const sideWidth: TypedQuantity = {
  range: { quantity: 'width beside the seam', min: 8, max: 2000, unit: 'mm' },
  dimension: 'length',
};

interface PartWordsProps {
  part: WeldedPart;
  onPart: (part: WeldedPart) => void;
  /** What can be done with what stands above. */
  hint: string;
}

/** The part that the heat is counted for, its width typed in place. */
export function PartWords({ part, onPart, hint }: PartWordsProps) {
  const [text, setText] = useState(() => spokenLength(inMm(part.sideWidth)));
  const faultId = useId();
  const read = readTyped(text, sideWidth);
  return (
    <p className="text-sm leading-snug text-soft">
      Sheets{' '}
      <input
        className="input touch input-sm w-22 text-base text-base-content"
        aria-label="Width of the sheets beside the seam"
        aria-invalid={'fault' in read}
        aria-describedby={'fault' in read ? faultId : undefined}
        autoComplete="off"
        maxLength={16}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          const typed = readTyped(event.target.value, sideWidth);
          if ('value' in typed) onPart({ ...part, sideWidth: mm(typed.value) });
        }}
      />{' '}
      wide, still air. {hint}
      {'fault' in read && (
        <span id={faultId} role="alert" className="fault block">
          {read.fault}
        </span>
      )}
    </p>
  );
}
