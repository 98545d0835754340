interface TextFieldProps {
  label: string;
  text: string;
  longest: number;
  /** Whether a sheet that opens puts the focus here. */
  isStart?: boolean;
  /** What the device may offer to fill in; nothing where left out. */
  completes?: 'username';
  onType: (text: string) => void;
}

/** A line of plain text. */
export function TextField({ label, text, longest, isStart = false, completes, onType }: TextFieldProps) {
  return (
    <label className="flex min-w-0 flex-col gap-1">
      <span className="text-sm font-medium">{label}</span>
      <input
        className="input touch-always w-full text-base"
        maxLength={longest}
        autoComplete={completes ?? 'off'}
        data-start={isStart ? '' : undefined}
        value={text}
        onChange={(event) => onType(event.target.value)}
      />
    </label>
  );
}
