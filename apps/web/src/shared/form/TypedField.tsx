import { useId } from 'react';

interface TypedFieldProps {
  label: string;
  unit: string;
  text: string;
  /** What was read of it; null while it is empty. */
  read: { readonly value: number | null } | { readonly fault: string } | null;
  /** Whether a sheet that opens puts the focus here. */
  isStart?: boolean;
  onType: (text: string) => void;
}

/** A value typed in any unit, with what is wrong beside it. */
export function TypedField({ label, unit, text, read, isStart = false, onType }: TypedFieldProps) {
  const ids = { field: useId(), fault: useId() };
  const fault = read !== null && 'fault' in read ? read.fault : null;
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={ids.field} className="text-sm font-medium">
        {label}
      </label>
      <span className={`input touch-always w-full ${fault === null ? '' : 'input-error'}`}>
        <input
          id={ids.field}
          className="figure text-lg"
          inputMode="text"
          autoComplete="off"
          maxLength={20}
          data-start={isStart ? '' : undefined}
          value={text}
          aria-invalid={fault !== null}
          aria-describedby={fault === null ? undefined : ids.fault}
          onChange={(event) => onType(event.target.value)}
        />
        {unit !== '' && <span className="text-soft">{unit}</span>}
      </span>
      {fault !== null && (
        <span id={ids.fault} role="alert" className="fault text-sm leading-snug">
          {fault}
        </span>
      )}
    </div>
  );
}
