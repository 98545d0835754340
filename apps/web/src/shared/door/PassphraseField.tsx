import { useId } from 'react';

interface PassphraseFieldProps {
  label: string;
  value: string;
  /** Given anew: the device may offer to make and keep one. */
  isNew?: boolean;
  onType: (text: string) => void;
}

/** A passphrase: never shown, and never kept by us. */
export function PassphraseField({ label, value, isNew = false, onType }: PassphraseFieldProps) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-sm font-medium">
        {label}
      </label>
      <input
        id={id}
        type="password"
        className="input touch-always w-full text-base"
        autoComplete={isNew ? 'new-password' : 'current-password'}
        maxLength={200}
        value={value}
        onChange={(event) => onType(event.target.value)}
      />
    </div>
  );
}
