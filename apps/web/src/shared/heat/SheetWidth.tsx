import { useId, useState, type ReactNode } from 'react';
import { readTyped, type TypedQuantity } from '../figures/readTyped.js';
import { spokenLength } from '../figures/spoken.js';

/** How far a sheet goes on beside a seam: what is felt, and what a bench holds. */
const sideWidth: TypedQuantity = {
  range: { quantity: 'width beside the seam', min: 8, max: 2000, unit: 'mm' },
  dimension: 'length',
};

interface SheetWidthProps {
  label: string;
  widthMm: number;
  onWidth: (widthMm: number) => void;
  /** The sentence it stands in, before it and behind it. */
  before: string;
  children: ReactNode;
}

/** How far the sheet goes on beside the seam, typed in place; what is wrong is said and the last that was right stands. */
export function SheetWidth({ label, widthMm, onWidth, before, children }: SheetWidthProps) {
  const [text, setText] = useState(() => spokenLength(widthMm));
  const faultId = useId();
  const read = readTyped(text, sideWidth);
  return (
    <p className="text-sm leading-snug text-soft">
      {before}{' '}
      <input
        className="input touch input-sm w-22 text-base text-base-content"
        aria-label={label}
        aria-invalid={'fault' in read}
        aria-describedby={'fault' in read ? faultId : undefined}
        autoComplete="off"
        maxLength={16}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          const typed = readTyped(event.target.value, sideWidth);
          if ('value' in typed) onWidth(typed.value);
        }}
      />{' '}
      {children}
      {'fault' in read && (
        <span id={faultId} role="alert" className="fault block">
          {read.fault}
        </span>
      )}
    </p>
  );
}
