import { TextField } from '../../form/TextField.js';
import type { TypedCoupon } from './TypedCoupon.js';

interface WeldedEarlierProps {
  entry: TypedCoupon;
  onType: (change: Partial<TypedCoupon>) => void;
}

/** For a coupon that was welded before it is written down: when, and why it comes late. */
export function WeldedEarlier({ entry, onType }: WeldedEarlierProps) {
  return (
    <details open={entry.earlier !== '' || undefined} className="rounded-box border border-base-300 px-3">
      <summary className="min-h-12 cursor-pointer content-center font-medium">Welded earlier</summary>
      <div className="grid gap-3 pb-3 sm:grid-cols-2">
        <label className="flex flex-col gap-1">
          <span className="text-sm font-medium">When</span>
          <input
            type="datetime-local"
            className="input touch-always w-full text-base"
            value={entry.earlier}
            onChange={(event) => onType({ earlier: event.target.value })}
          />
        </label>
        <TextField
          label="Why it is dated back"
          text={entry.datedBack}
          longest={300}
          onType={(datedBack) => onType({ datedBack })}
        />
      </div>
    </details>
  );
}
