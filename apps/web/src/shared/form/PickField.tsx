interface PickFieldProps<Value extends string> {
  label: string;
  value: Value;
  choices: readonly { readonly value: Value; readonly label: string }[];
  onPick: (value: Value) => void;
}

/** One of a few, from a drop-down. */
export function PickField<Value extends string>({ label, value, choices, onPick }: PickFieldProps<Value>) {
  return (
    <label className="flex min-w-0 flex-col gap-1">
      <span className="text-sm font-medium">{label}</span>
      <select
        className="select touch-always w-full text-base"
        value={value}
        onChange={(event) => {
          const picked = choices.find((choice) => choice.value === event.target.value);
          if (picked !== undefined) onPick(picked.value);
        }}
      >
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Words that are shown as they are. */
export function asChoices<Value extends string>(words: readonly Value[]) {
  return words.map((value) => ({ value, label: value }));
}
