import { useId } from 'react';

interface PinFieldProps {
  label: string;
  value: string;
  onType: (pin: string) => void;
  isStart?: boolean;
  /** It is chosen here: what is guessed first is refused, and said before. */
  isNew?: boolean;
}

/** A PIN that nobody reads over a shoulder: digits alone, as many as a PIN can have. */
export function PinField({ label, value, onType, isStart = false, isNew = false }: PinFieldProps) {
  const id = useId();
  const rule = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-medium">
        {label} <span className="font-normal text-soft">4 to 8 digits</span>
      </label>
      <input
        id={id}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        className="input touch-always figure w-full text-2xl tracking-widest"
        maxLength={8}
        value={value}
        aria-describedby={isNew ? rule : undefined}
        data-start={isStart ? '' : undefined}
        onChange={(event) => onType(event.target.value.replace(/\D/g, ''))}
      />
      {isNew && (
        <p id={rule} className="text-soft">
          Not one that is guessed first: a row, a repeat, a year.
        </p>
      )}
    </div>
  );
}
